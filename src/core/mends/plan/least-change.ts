/** The least sum that would change anything: below it every plan is empty. */
import type { Steps } from '../../steps';
import { noChoice } from './choice';
import { leastCost, type LeastCost } from './least-cost';
import { ours } from '../../tables/assumptions';
import type { Limits } from './limits';
import { distanceWith, lossOf } from './loss';
import type { PlanProblem } from './problem';

export const worthwhile = ours(0.01, 'birds', 'Fewer a year nobody would call a change.');

/** The cheapest set that changes anything at all; `undefined` where none does. In steps. */
export function* leastChange(
  problem: PlanProblem,
  limits: Omit<Limits, 'cents' | 'minutes'> = {},
): Steps<LeastCost | undefined> {
  const choice = noChoice(problem);
  let best: LeastCost | undefined;
  for (const [index, term] of problem.terms.entries()) {
    if (lossOf(term, choice) < worthwhile.value) continue;
    const now = distanceWith(term, choice);
    const level = now + 1e-6;
    const own = yield* leastCost(
      problem,
      new Map([[index, level]]),
      'weight',
      limits,
      best?.cents ?? Infinity,
    );
    if (own && (!best || own.cents < best.cents)) best = own;
  }
  return best;
}
