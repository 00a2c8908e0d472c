/** Of mends that come to the same, the one that harms least: less air taken, no shade, nothing for snow to lie on. */
import type { Choice } from './choice';
import { lossWith } from './loss';
import type { PlanProblem } from './problem';
import type { Till } from './till';

/** Birds a year that are none. */
const none = 1e-9;

/**
 * Each mend that another could stand for, with no bird, minute or hundredth more, gives way to it where that one harms less. `start`:
 * what must be made and what may not be stay as they are.
 */
export function gentlest(
  problem: PlanProblem,
  chosen: readonly number[],
  start: Choice,
  till: Pick<Till, 'cost' | 'notToBeHad'>,
): readonly number[] {
  const at = (mend: number) => problem.candidates[mend];
  const harmOf = (mend: number): number => at(mend)?.harm ?? 0;
  let kept = chosen;
  for (const mend of chosen) {
    if (start[mend] !== 0) continue;
    const others = kept.filter((it) => it !== mend);
    const [loss, cost] = [lossWith(problem, kept) + none, till.cost(kept)];
    const better = (at(mend)?.excludes ?? [])
      .filter((it) => start[it] === 0 && harmOf(it) < harmOf(mend))
      .filter((it) => !others.some((other) => at(it)?.excludes.includes(other)))
      .filter((it) => (at(it)?.minutes ?? 0) <= (at(mend)?.minutes ?? 0))
      .sort((a, b) => harmOf(a) - harmOf(b))
      .map((it) => [...others, it].sort((a, b) => a - b))
      .find(
        (set) =>
          lossWith(problem, set) <= loss &&
          till.cost(set) <= cost &&
          till.notToBeHad(set).length === 0,
      );
    kept = better ?? kept;
  }
  return kept;
}
