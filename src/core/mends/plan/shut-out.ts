/** Shutting one animal out altogether in one scenario: the cheapest mends that leave it no way in and no slow way. */
import type { Scenario } from '../../score/scenario';
import type { Steps } from '../../steps';
import type { AnimalId } from '../../tables/animals';
import { waysThatStay } from './bound';
import { leastCost, type LeastCost } from './least-cost';
import type { Limits } from './limits';
import { stillBy, type PlanProblem, type StillBy, type Term } from './problem';
import { startOf } from './start';
import { byTheMetre, type Till } from './till';

/** What shutting an animal out takes, or why nothing does. */
export type ShutOut =
  | ({ readonly can: true; readonly paid: number } & LeastCost)
  /** Bays and spots by which it still gets in with every mend made. */
  | {
      readonly can: false;
      readonly stays: readonly StillBy[];
    };

/** The cheapest set that leaves the animal no way to the birds in a scenario, or the spots without a mend that let it by all the same. In steps. */
export function* shuttingOut(
  problem: PlanProblem,
  animal: AnimalId,
  scenario: Scenario,
  limits: Omit<Limits, 'cents' | 'minutes'> = {},
  till: Till = byTheMetre({ problem }),
): Steps<ShutOut> {
  const levels = new Map(
    problem.terms.flatMap((term, index) =>
      isOf(term, animal, scenario) ? [[index, term.shutFrom] as const] : [],
    ),
  );
  let had = limits;
  for (;;) {
    const least = yield* leastCost(problem, levels, 'minutes', had);
    if (!least) break;
    const missing = till
      .notToBeHad(least.chosen)
      .map((it) => problem.candidates[it]?.id ?? '')
      .filter((id) => !limits.must?.includes(id));
    if (missing.length === 0) return { can: true, ...least, paid: till.cost(least.chosen) };
    had = { ...had, wont: [...(had.wont ?? []), ...missing] };
  }
  const start = startOf(problem, had);
  const stays = [...levels].flatMap(([index, level]) =>
    waysThatStay(
      problem.terms[index] as Term,
      { options: problem.candidates, choice: start, metric: 'minutes' },
      level,
    ),
  );
  const named = new Map(
    stays.map((link) => [`${link.bay} ${link.by.spot.kind} ${link.by.spot.item}`, stillBy(link)]),
  );
  return { can: false, stays: [...named.values()] };
}

function isOf(term: Term, animal: AnimalId, scenario: Scenario): boolean {
  return term.animal === animal && term.scenarios.includes(scenario);
}
