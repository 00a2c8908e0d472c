/** What a walk need not ask again by hand: what does not wear, move or come loose between two walks, and stands in the record. */
import type { Walk } from '../records/walk';
import { readingIn } from './open-walk';
import { attributes } from '../attributes';
import type { Question } from './questions';
import type { Stop } from './stops';

/** Gaps, pulls, holes, states, digging and what touches a strand are always read anew; so is what is only looked at. */
const isLasting = ({ attribute }: Question): boolean => !attributes[attribute].wears;

/** Questions of this stop that one tap answers as they were; only those that this walk has not asked yet. */
export function lastingHere(stop: Stop, walk: Walk | undefined): Question[] {
  return stop.questions.filter(
    (question) =>
      isLasting(question) &&
      question.known !== undefined &&
      ('is' in question.known || 'from' in question.known) &&
      !readingIn(walk, question),
  );
}
