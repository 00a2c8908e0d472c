/** The questions that measuring a mend again asks: exactly the readings it was to change. */
import { findItem } from '../place/find';
import type { Mend, Target } from '../place/mend';
import type { Place } from '../place/place';
import { setAttribute } from '../place/set-attribute';
import { questionsOf, type Question } from '../walk/questions';

export interface AgainQuestion {
  readonly target: Target;
  readonly question: Question;
}

/** In the order of the mend's targets. A target whose item has been taken away asks nothing. */
export function questionsAgain(place: Place, mend: Mend): AgainQuestion[] {
  const all = questionsOf(assumingFitted(place, mend));
  return mend.targets.flatMap((target) => {
    const question = all.find((it) => it.item === target.item && it.attribute === target.attribute);
    return question && findItem(place, target.item) ? [{ target, question }] : [];
  });
}

/** A layer not yet read as there has no clear opening to ask about, an apron no tie: ask as if they were there. */
function assumingFitted(place: Place, mend: Mend): Place {
  return mend.targets.reduce(
    (soFar, { item, attribute, value }) =>
      'atMost' in value
        ? soFar
        : setAttribute(soFar, item, attribute, 'is' in value ? value : { is: value.atLeast }),
    place,
  );
}
