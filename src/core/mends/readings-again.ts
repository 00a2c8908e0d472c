/** The questions that measuring a mend again asks: exactly the readings it was to change. */
import { withLineThere } from '../fence/line-there';
import { findItem } from '../place/find';
import type { AttributeId } from '../attributes';
import type { ItemId, Place } from '../place/place';
import type { Mend, Target } from '../records/mend';
import { setAttribute } from '../records/set-attribute';
import { valueOf } from '../records/value-of';
import { questionId, questionsOf, type Question } from '../walk/questions';
import { asMeant } from './as-meant';

/** A question asked again because of a mend. */
export interface AgainQuestion {
  readonly target: Target;
  readonly question: Question;
}

/** In the order of the mend's targets. A target whose item has been taken away asks nothing. */
export function questionsAgain(place: Place, mend: Mend): AgainQuestion[] {
  const all = questionsOf(assumingFitted(place, mend));
  return mend.targets.flatMap((target) => {
    const question =
      all.find((it) => it.item === target.item && it.attribute === target.attribute) ??
      ofTheStructure(place, target.item, target.attribute);
    if (!question || (!findItem(place, target.item) && target.item !== place.fence?.id)) return [];
    // Asked as if the mend were there; what is known is what was read, never what the mend was to bring.
    const known = valueOf(place, target.item, target.attribute);
    return [{ target, question: { ...question, known } }];
  });
}

/** A layer not yet read as there has no clear opening to ask about, an apron no tie: ask as if they were there. */
function assumingFitted(place: Place, mend: Mend): Place {
  const fitted = mend.targets.reduce(
    (soFar, target) =>
      'atMost' in target.value
        ? soFar
        : setAttribute(soFar, target.item, target.attribute, asMeant(target.value)),
    place,
  );
  return withLineThere(fitted);
}

/** What no walk asks here: the place was described so and only a mend changes it, or the tables say what welded mesh clears. */
function ofTheStructure(place: Place, item: ItemId, attribute: AttributeId): Question | undefined {
  const asked = {
    id: questionId(item, attribute),
    item,
    attribute,
    answered: false,
    known: undefined,
  } as const;
  if (item === place.fence?.id) return { ...asked, section: 'fence' };
  const found = findItem(place, item);
  if (!found) return undefined;
  return {
    ...asked,
    section: 'lap',
    bay: found.bay.id,
    ...(found.kind === 'opening' && { opening: found.opening.name }),
  };
}
