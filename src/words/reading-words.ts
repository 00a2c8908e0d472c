/** A reading in words: what it is of, and what it says. */
import { findItem, type Item } from '@/core/place/find';
import type { ItemId, Place } from '@/core/place/place';
import type { Reading } from '@/core/records/walk';
import { questionsOf, type Question } from '@/core/walk/questions';
import { answerWords, questionWords } from './attributes';
import { itemName } from './item-words';
import { amountWords } from './length-words';

type Of = Pick<Reading, 'item' | 'attribute'>;

/** The question's title alone, as far as it can be said of a thing that is no longer asked of. */
export function askedTitle(place: Place, question: Question | undefined, of: Of): string {
  return questionWords(question ?? { ...of, ...namesOf(place, of.item) }, place).title;
}

function namesOf(place: Place, id: ItemId): { readonly name?: string; readonly opening?: string } {
  const opening = openingOf(findItem(place, id));
  const name = place.zones.find((zone) => zone.id === id)?.name;
  return { ...(name !== undefined && { name }), ...(opening && { opening: opening.name }) };
}

const openingOf = (item: Item | undefined) =>
  item?.kind === 'opening' || item?.kind === 'latch' ? item.opening : undefined;

/** "Gap under the sill, south 1", "south 1: What holds it on?" */
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

/** A reading as it was taken: "34 mm", "20 to 30 mm", "slide bolt", "could not tell". */
export function readingWords(
  place: Place,
  { attribute, value }: Pick<Reading, 'attribute' | 'value'>,
): string {
  if (value === 'cannot-tell') return 'could not tell';
  const amount = (it: number) => amountWords(it, attribute, place.units);
  if (!('is' in value)) return `${amount(value.from)} to ${amount(value.to)}`;
  return typeof value.is === 'number'
    ? amount(value.is)
    : answerWords(place, attribute, value.is)[0];
}
