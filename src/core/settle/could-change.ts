/**
 * Which unread readings could still change the answer: the ways in of any scenario, or a hold by more than a point. The rest can be left
 * unread: whatever they turn out to be, ways in and holds are as said.
 *
 * Each bay, and in a bay that matters each reading, is set to its best and to its worst with all other unread at their best, then with all
 * others at their worst. What changes nothing either way is folded; at the end all folded together are tried at both ends with the rest
 * unread. More is worse never less (property of the judgement), so that between those ends nothing differs either.
 */
import type { Place } from '../place/place';
import { questionsOf, type Question } from '../walk/questions';
import { answersOn, type Answers, type Day, type Told } from './answers';
import { comparison, settledBetween } from './same-answers';
import { endsOf } from './ends';
import { byBayOf, withAt, type End } from './with-at';

/** Unread questions by id: those that could change something, and those that could not. */
export interface Settling {
  readonly matters: readonly Question[];
  readonly folded: readonly Question[];
}

/** `found`: with readings laid over it. */
export function couldChange(found: Place, day: Day): Settling {
  const unread = questionsOf(found).filter(({ answered }) => !answered);
  const [open, unordered] = [
    unread.filter(({ attribute }) => endsOf(attribute)),
    unread.filter(({ attribute }) => !endsOf(attribute)),
  ];
  if (open.length === 0) return { matters: unordered, folded: [] };
  const [told, isSame] = [answersOn(day, found), comparison()];
  const { bases, answers } = bothEnds(found, open, told);
  if (isSame(answers.best, answers.worst)) return { matters: unordered, folded: open };
  const settled = settledBetween(answers.best, answers.worst);
  /** Whether it makes no difference, with all others at their best, and at their worst. */
  const isIdle = (some: readonly Question[]): boolean =>
    isSame(answers.best, told(withAt(bases.best, some, 'worst'), settled)) &&
    isSame(answers.worst, told(withAt(bases.worst, some, 'best'), settled));
  const byBay = [...byBayOf(open).values()];
  const idleBays = byBay.filter(isIdle);
  const idleReadings = byBay
    .filter((some) => !idleBays.includes(some) && some.length > 1)
    .map((some) => some.filter((question) => isIdle([question])));
  const isIdleTogether = (some: readonly Question[]): boolean =>
    isSame(told(withAt(found, some, 'best'), settled), told(withAt(found, some, 'worst'), settled));
  const folded =
    [[...idleBays, ...idleReadings], idleBays].map((some) => some.flat()).find(isIdleTogether) ??
    [];
  const ids = new Set(folded.map(({ id }) => id));
  return { matters: unread.filter(({ id }) => !ids.has(id)), folded };
}

/**
 * Whether none of these could still change anything. More is worse never less, so that they could not where their two ends all together
 * say the same; what is asked besides (by an id that is not known) may.
 */
export function isSettledBut(found: Place, day: Day, known: ReadonlySet<string>): boolean {
  const unread = questionsOf(found).filter(({ answered }) => !answered);
  if (unread.some(({ id, attribute }) => known.has(id) && !endsOf(attribute))) return false;
  const open = unread.filter(({ attribute }) => endsOf(attribute));
  const { answers } = bothEnds(found, open, answersOn(day, found));
  if (comparison()(answers.best, answers.worst)) return true;
  if (open.every(({ id }) => known.has(id))) return false;
  return couldChange(found, day).matters.every(({ id }) => !known.has(id));
}

function bothEnds(
  found: Place,
  open: readonly Question[],
  told: Told,
): { readonly bases: Record<End, Place>; readonly answers: Record<End, Answers> } {
  const bases = { best: withAt(found, open, 'best'), worst: withAt(found, open, 'worst') };
  return { bases, answers: { best: told(bases.best), worst: told(bases.worst) } };
}
