/** What a reading is of, where it stands alone in a list: "Gap under the sill, south 1". */
import { isCheck } from '@/core/place/checks';
import { findItem } from '@/core/place/find';
import type { Place } from '@/core/place/place';
import type { Reading } from '@/core/place/walk';
import { questionsOf, type Question } from '@/core/walk/questions';
import { checkWords } from './check-words';
import { itemName } from './item-words';
import { questionWords } from './question-words';

type Of = Pick<Reading, 'item' | 'attribute'>;

/** The question's title alone; the attribute's name where the place no longer asks it. */
export function askedTitle(place: Place, question: Question | undefined, of: Of): string {
  if (question) return questionWords(question, place).title;
  if (!isCheck(of.attribute)) return of.attribute;
  const item = findItem(place, of.item);
  const name = place.zones.find(({ id }) => id === of.item)?.name;
  return checkWords({
    attribute: of.attribute,
    ...(name !== undefined && { name }),
    ...(item?.kind === 'opening' && { opening: item.opening.name }),
    ...(item?.kind === 'latch' && { opening: item.opening.name }),
  }).title;
}

export function readingTitle(place: Place, of: Of): string {
  const question = questionsOf(place).find(
    (it) => it.item === of.item && it.attribute === of.attribute,
  );
  const title = askedTitle(place, question, of);
  const item = findItem(place, of.item);
  const zone = place.zones.find(({ id }) => id === of.item);
  const where = item ? itemName(place, item) : zone?.name;
  if (where === undefined) return title;
  return title.endsWith('?') ? `${where}: ${title}` : `${title}, ${where}`;
}
