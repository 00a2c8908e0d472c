/** How long plans take: exact up to forty candidates on seeded places of sixty bays, in times of a general solver; beyond, within five seconds. */
import loadHighs from 'highs';
import { planning } from '../src/core/mends/plan/best-plan';
import { buildProblem } from '../src/core/mends/plan/build-problem';
import { dominated, without } from '../src/core/mends/plan/dominance';
import type { PlanProblem } from '../src/core/mends/plan/problem';
import { isProved, planningAtTill } from '../src/core/mends/plan/plan-at-till';
import { byTheMetre } from '../src/core/mends/plan/till';
import { startOf } from '../src/core/mends/plan/start';
import { atOnce } from '../src/core/steps';
import { leastLossLp } from '../src/core/tests/plan-as-lp';
import { largePlace } from './large-place';

export interface PlanningCost {
  readonly places: number;
  /** Candidates left after those proved to be dominated: of the place with the fewest and the most. */
  readonly candidates: readonly [fewest: number, most: number];
  /** Of all places and sums, ms. */
  readonly worstMs: number;
  readonly middleMs: number;
  readonly mostNodes: number;
  /** HiGHS' time for the same in times of ours, the middle one of those it was asked. */
  readonly highsTimes: number;
  /** With every candidate of the catalogue against thirty animals. */
  readonly beyond: {
    readonly candidates: number;
    readonly buildMs: number;
    readonly worstMs: number;
    /** Proved gap after five seconds, share of the loss; 0 where it came to its end. */
    readonly gap: number;
  };
}

/** Shares of what the best plan, or all mends, cost together. */
const budgets = [0.1, 0.25, 0.5, 0.75, 1] as const;
const candidates = 40;
const seeds = 20;
/** Places on which the general solver is asked too. */
const asked = 5;
const patience = 5000;

export async function planningCost(): Promise<PlanningCost> {
  const highs = await loadHighs();
  const times: number[] = [];
  const ratios: number[] = [];
  let [mostNodes, fewest, most] = [0, Infinity, 0];
  for (let seed = 1; seed <= seeds; seed += 1) {
    const [[problem, kept]] = timed(() => fortyOf(seed));
    [fewest, most] = [Math.min(fewest, kept), Math.max(most, kept)];
    const whole = atOnce(planning(problem, {})).cents;
    for (const share of budgets) {
      const cents = Math.round(whole * share);
      const [plan, took] = timed(() => atOnce(planning(problem, { cents })));
      times.push(took);
      mostNodes = Math.max(mostNodes, plan.nodes);
      if (seed > asked) continue;
      const lp = leastLossLp(problem, { cents, minutes: Infinity });
      const [, theirs] = timed(() => highs.solve(lp, { output_flag: false }));
      ratios.push(theirs / Math.max(took, 0.5));
    }
  }
  return {
    places: seeds,
    candidates: [fewest, most],
    worstMs: Math.round(Math.max(...times)),
    middleMs: Math.round(middle(times) * 10) / 10,
    mostNodes,
    highsTimes: Math.round(middle(ratios)),
    beyond: beyondForty(),
  };
}

function beyondForty(): PlanningCost['beyond'] {
  const [{ problem }, built] = timed(() => buildProblem(largePlace(60, 30), { year: 2026 }));
  const whole = problem.candidates.reduce((sum, { cents }) => sum + cents, 0);
  let [worstMs, gap] = [0, 0];
  for (const share of budgets) {
    const since = performance.now();
    const [plan, took] = timed(() =>
      atOnce(
        planningAtTill(
          problem,
          { cents: Math.round(whole * share) },
          byTheMetre({ problem }),
          () => performance.now() - since < patience,
        ),
      ),
    );
    worstMs = Math.max(worstMs, took);
    if (!isProved(plan)) gap = Math.max(gap, (plan.after - plan.bound) / plan.after);
  }
  return {
    candidates: problem.candidates.length,
    buildMs: Math.round(built),
    worstMs: Math.round(worstMs),
    gap: Math.round(gap * 1000) / 1000,
  };
}

/**
 * Forty candidates that are not proved to be dominated, spread over the place; where the others would go the place counts as sound, so
 * that there is something to be won.
 */
function fortyOf(seed: number): readonly [PlanProblem, number] {
  const { problem: whole } = buildProblem(largePlace(60, 30, seed), { year: 2026 });
  const dropped = dominated(whole, startOf(whole, {}));
  const problem = without(whole, dropped);
  const left = problem.candidates.map((_, index) => index).filter((it) => !dropped.has(it));
  const every = Math.max(1, Math.floor(left.length / candidates));
  const kept = new Set(left.filter((_, index) => index % every === 0).slice(0, candidates));
  const terms = problem.terms.map((term) => ({
    ...term,
    links: term.links.filter(({ mends }) => mends.every((it) => kept.has(it))),
  }));
  return [{ ...problem, terms }, kept.size];
}

function timed<T>(work: () => T): readonly [T, number] {
  const since = performance.now();
  const done = work();
  return [done, performance.now() - since];
}

function middle(values: readonly number[]): number {
  return [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;
}
