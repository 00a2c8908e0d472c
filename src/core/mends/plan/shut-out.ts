/** Shutting one animal out altogether in one scenario: the cheapest mends that leave it no way in and no slow way. */
import type { Scenario } from '../../score/scenario';
import type { Steps } from '../../steps';
import type { AnimalId } from '../../tables/animals';
import { waysThatStay } from './bound';
import { leastCost, type LeastCost } from './least-cost';
import type { Limits } from './limits';
import { stillBy, type PlanProblem, type StillBy, type Term } from './problem';
import { startOf } from './start';

/** What shutting an animal out takes, or why nothing does. */
export type ShutOut =
  | ({ readonly can: true } & LeastCost)
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
): Steps<ShutOut> {
  const levels = new Map(
    problem.terms.flatMap((term, index) =>
      isOf(term, animal, scenario) ? [[index, term.shutFrom] as const] : [],
    ),
  );
  const least = yield* leastCost(problem, levels, 'minutes', limits);
  if (least) return { can: true, ...least };
  const start = startOf(problem, limits);
  const stays = [...levels].flatMap(([index, level]) =>
    waysThatStay(problem.terms[index] as Term, problem.candidates, start, level, 'minutes'),
  );
  const named = new Map(
    stays.map((link) => [`${link.bay} ${link.by.spot.kind} ${link.by.spot.item}`, stillBy(link)]),
  );
  return { can: false, stays: [...named.values()] };
}

function isOf(term: Term, animal: AnimalId, scenario: Scenario): boolean {
  return term.animal === animal && term.scenarios.includes(scenario);
}
