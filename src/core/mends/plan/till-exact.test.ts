/**
 * Plans at the till of the second demo against HiGHS, a general exact solver (from the registry; tests and bench only). What a set costs in whole
 * rolls and packs is no sum of its mends: the solver is given prices that no set comes below, and every set it finds that the budget does
 * not pay for is forbidden, with all that it is part of, until what it leaves is no less than the plan's (lazy cover cuts).
 */
import loadHighs from 'highs';
import { tamarackBank } from '../../../../demo/tamarack-bank';
import { applyReadings } from '../../records/apply-readings';
import { atOnce } from '../../steps';
import { leastLossLp } from '../../tests/plan-as-lp';
import { firstShop, unitPricesOf } from '../shopping/shop';
import { buildProblem } from './build-problem';
import { lossWith } from './loss';
import { planningAtTill } from './plan-at-till';
import { tillOf } from './till';
import { worthwhile } from './worthwhile';

// A general solver takes as long as the machine lets it: nothing is timed here.
jest.setTimeout(600_000);

const { place, walks, sightings } = tamarackBank;
const shop = firstShop(place);
const session = buildProblem(applyReadings(place, walks).place, {
  log: sightings,
  year: 2026,
  unitPrices: unitPricesOf(place, shop),
});
const { problem } = session;
const till = tillOf(session, shop);

const exact = {
  mip_rel_gap: 0,
  mip_abs_gap: 1e-9,
  mip_feasibility_tolerance: 1e-9,
  output_flag: false,
};

/** Kept for all sums: a set that costs so much is forbidden for every sum below. */
const dear: { readonly set: readonly number[]; readonly cents: number }[] = [];

const isPaidBy = (set: readonly number[], cents: number): boolean =>
  till.cost(set) <= cents && till.notToBeHad(set).length === 0;

/** As few of a set as still break the budget. */
const leastThatBreaks = (set: readonly number[], cents: number): readonly number[] =>
  set.reduce((kept, one) => {
    const without = kept.filter((it) => it !== one);
    return isPaidBy(without, cents) ? kept : without;
  }, set);

/** The fewest birds that any set leaves that the sum pays for, or a bound of it that is no less than `enough`. */
async function leastFor(cents: number, enough: number): Promise<number> {
  const highs = await loadHighs();
  for (;;) {
    const covers = dear.filter((it) => it.cents > cents).map(({ set }) => set);
    const lp = leastLossLp(till.least, { cents, minutes: Infinity }, covers);
    const { Status, ObjectiveValue, Columns } = highs.solve(lp, exact);
    expect(Status).toBe('Optimal');
    const set = problem.candidates.flatMap((_, mend) => {
      const column = Columns[`x${mend}`];
      return column && 'Primal' in column && column.Primal > 0.5 ? [mend] : [];
    });
    if (ObjectiveValue >= enough) return ObjectiveValue;
    if (isPaidBy(set, cents)) return lossWith(problem, set);
    const broken = leastThatBreaks(set, cents);
    const paid = till.notToBeHad(broken).length > 0 ? Infinity : till.cost(broken);
    dear.push({ set: broken, cents: paid });
  }
}

/** From 15 to 300 of the money; `SUMS=20 npx jest --testPathPattern till-exact` tries every step of 15, a minute and a half. */
const many = Number(process.env.SUMS ?? 2);
const sums = Array.from({ length: many }, (_, at) => [
  Math.round((20 * (many - at)) / many) * 1500,
]);

test.each(sums)(
  'for %p hundredths no set that they pay for leaves fewer than the plan, to speak of',
  async (cents) => {
    const plan = atOnce(planningAtTill(problem, { cents }, till));
    expect(plan.paid).toBeLessThanOrEqual(cents);
    expect(lossWith(problem, plan.chosen)).toBeCloseTo(plan.after, 8);
    const enough = plan.after - worthwhile.value;
    expect(await leastFor(cents, enough)).toBeGreaterThanOrEqual(enough);
  },
);
