/** Where a walk goes on: an answer can make further questions matter, and spare others, its own among them. */
import type { Question } from './questions';

/** What is asked after the first of `from`; where an answer has spared it, from the next of them that is still asked. `now`: all that is asked, in order. */
export function restAfter<Q extends Pick<Question, 'id'>>(
  now: readonly Q[],
  from: readonly Pick<Question, 'id'>[],
): readonly Q[] {
  const [here, ...later] = from.map(({ id }) => now.findIndex((it) => it.id === id));
  if (here !== undefined && here >= 0) return now.slice(here + 1);
  const next = later.find((it) => it >= 0);
  return next === undefined ? [] : now.slice(next);
}
