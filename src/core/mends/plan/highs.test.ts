/** Plans against HiGHS, a general exact solver for mixed integer programmes (from the registry; tests and bench only). */
import loadHighs from 'highs';
import { samphireYard } from '../../../../demo/samphire-yard';
import { tamarackBank } from '../../../../demo/tamarack-bank';
import { largePlace } from '../../../../bench/large-place';
import { applyReadings } from '../../records/apply-readings';
import type { PlaceFile } from '../../formats/place-file';
import { atOnce } from '../../steps';
import { leastCostLp, leastLossLp } from '../../tests/plan-as-lp';
import { buildProblem } from './build-problem';
import { planning } from './best-plan';
import { leastCost } from './least-cost';
import type { PlanProblem } from './problem';

// A general solver takes as long as the machine lets it: nothing is timed here.
jest.setTimeout(900_000);

/** Animals shut out on each place, and sums planned for; all of them on demand: `ANIMALS=30 SUMS=5`. */
const mostAnimals = Number(process.env.ANIMALS ?? 1);
const mostSums = Number(process.env.SUMS ?? 2);

/** Cents and minutes. */
const sums: readonly (readonly [cents: number, minutes: number])[] = [
  [1500, Infinity],
  [20_000, 600],
  [Infinity, Infinity],
  [6000, Infinity],
  [Infinity, 300],
];

const exact = {
  mip_rel_gap: 0,
  mip_abs_gap: 1e-9,
  mip_feasibility_tolerance: 1e-9,
  output_flag: false,
};

async function solved(lp: string): Promise<number | undefined> {
  const highs = await loadHighs();
  const { Status, ObjectiveValue } = highs.solve(lp, exact);
  if (Status === 'Infeasible') return undefined;
  expect(Status).toBe('Optimal');
  return ObjectiveValue;
}

const problemOf = ({ place, walks, sightings }: PlaceFile): PlanProblem =>
  buildProblem(applyReadings(place, walks).place, { log: sightings, year: 2026 }).problem;

const places: readonly (readonly [name: string, problem: PlanProblem])[] = [
  ['Samphire Yard', problemOf(samphireYard)],
  ['Tamarack Bank', problemOf(tamarackBank)],
  ['60 bays, eight animals', buildProblem(largePlace(60, 8), { year: 2026 }).problem],
];

describe.each(places)('%s', (_name, problem) => {
  test.each(sums.slice(0, mostSums))(
    'the best plan for %p cents and %p minutes',
    async (cents, minutes) => {
      const plan = atOnce(planning(problem, { cents, minutes }));
      const theirs = await solved(leastLossLp(problem, { cents, minutes }));
      // Theirs is a little below, by straight pieces for what bends: no set leaves fewer than that.
      expect(plan.after).toBeGreaterThan((theirs ?? NaN) - 1e-4);
      expect(plan.after - (theirs ?? NaN)).toBeLessThan(0.005);
      expect(plan.bound).toBeCloseTo(plan.after, 8);
    },
  );

  test('shutting each animal out', async () => {
    const threats = [...new Set(problem.terms.map((it) => it.animal))];
    for (const animal of threats.slice(0, mostAnimals)) {
      const levels = new Map(
        problem.terms.flatMap((term, index) =>
          term.animal === animal && term.scenarios.includes('night-shut')
            ? [[index, term.shutFrom] as const]
            : [],
        ),
      );
      if (levels.size === 0) continue;
      const ours = atOnce(leastCost(problem, levels, 'minutes'));
      const theirs = await solved(leastCostLp(problem, levels));
      if (theirs === undefined) expect(ours).toBeUndefined();
      else expect(ours?.cents).toBeCloseTo(theirs, 3);
    }
  });
});
