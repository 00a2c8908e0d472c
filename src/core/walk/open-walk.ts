/** The walk in hand. */
import type { Reading, Walk } from '../records/walk';
import { inDateOrder } from '../records/apply-readings';
import type { Question } from './questions';

/** The last walk of that kind that has not been ended. */
export function openWalk(walks: readonly Walk[], kind: Walk['kind']): Walk | undefined {
  return inDateOrder(walks)
    .reverse()
    .find((walk) => walk.kind === kind && !walk.ended);
}

/** The last walk of that kind that has been ended, by its day. */
export function lastEnded(walks: readonly Walk[], kind: Walk['kind']): Walk | undefined {
  return inDateOrder(walks).findLast((walk) => walk.kind === kind && walk.ended);
}

/** Adds a reading; an earlier one of the same thing stays in the list below it. */
export function withReading(walk: Walk, reading: Reading): Walk {
  return { ...walk, readings: [...walk.readings, reading] };
}

/** The reading of this question in this walk, the latest first; "cannot tell" is an answer too. */
export function readingIn(walk: Walk | undefined, question: Question): Reading | undefined {
  return walk?.readings.findLast(
    (it) => it.item === question.item && it.attribute === question.attribute,
  );
}

/** The first question, from `after` on, that this walk has not asked yet. */
export function nextUnasked(
  questions: readonly Question[],
  walk: Walk | undefined,
  after = 0,
): Question | undefined {
  return questions.slice(after).find((question) => !readingIn(walk, question));
}
