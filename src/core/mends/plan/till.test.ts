/** Plans at the till: against every set there is, priced whole; what is not to be had, what costs nothing, what clashes. */
import { samphireYard } from '../../../../demo/samphire-yard';
import { applyReadings } from '../../records/apply-readings';
import { atOnce } from '../../steps';
import { everySet, sumOf } from '../../tests/random-problem';
import { shoppingList } from '../shopping/shopping-list';
import { firstShop, soldOf, unitPricesOf, type Shop } from '../shopping/shop';
import type { Material } from '../catalogue';
import { answering } from './answer';
import { buildProblem } from './build-problem';
import { curving, leastOf } from './curve';
import { lossWith } from './loss';
import { planningAtTill } from './plan-at-till';
import { byTheMetre, tillOf } from './till';
import { worthwhile } from './worthwhile';

const { place, walks, sightings } = samphireYard;
const found = applyReadings(place, walks).place;
const usual = firstShop(place);
const sessionWith = (shop: Shop) =>
  buildProblem(found, { log: sightings, year: 2026, unitPrices: unitPricesOf(place, shop) });
const session = sessionWith(usual);
const { problem } = session;
const till = tillOf(session, usual);
const idsOf = (places: readonly number[]) => places.map((it) => problem.candidates[it]?.id);

/** Every set with what it leaves and what is paid for it. */
const all = everySet(problem).map((set) => ({ set, loss: lossWith(problem, set) }));
const bestFor = (cents: number): number =>
  all
    .filter(({ set }) => till.cost(set) <= cents)
    .reduce((least, { loss }) => Math.min(least, loss), Infinity);

test('the sum at the till is the shopping list’s', () => {
  for (const { set } of all.filter((_, at) => at % 997 === 0)) {
    const mends = set.flatMap((it) => session.candidates[it] ?? []);
    const list = shoppingList(
      session.ready,
      mends.map(({ mend, id }) => ({ ...mend, id })),
      usual,
    );
    expect(till.cost(set)).toBeGreaterThanOrEqual(list.cents);
    expect(till.atLeast(set)).toBeLessThanOrEqual(list.cents);
    expect(sumOf(till.least, set, 'cents')).toBeLessThanOrEqual(list.cents);
  }
});

const curve = atOnce(curving(problem, {}, till));

test('for twenty sums: no set that they pay for leaves fewer, and the curve says the same', () => {
  for (let cents = 0; cents < 8000; cents += 400) {
    const plan = atOnce(planningAtTill(problem, { cents }, till));
    expect(plan.paid).toBeLessThanOrEqual(cents);
    expect(plan.after - bestFor(cents)).toBeLessThanOrEqual(worthwhile.value);
    const point = curve.points.filter((it) => it.cents <= cents).at(-1);
    expect(Math.abs((point?.after ?? NaN) - plan.after)).toBeLessThanOrEqual(2 * worthwhile.value);
  }
});

test('at every step of the curve the plan for that sum is the one shown, and a hundredth less brings less', () => {
  expect(curve.points.length).toBeGreaterThan(4);
  for (const { cents, after, chosen } of curve.points) {
    const plan = atOnce(planningAtTill(problem, { cents }, till));
    expect(plan.paid).toBe(cents);
    expect(plan.after).toBeCloseTo(after, 8);
    expect([...chosen].sort()).toEqual(idsOf(plan.chosen).sort());
    if (cents > 0) expect(bestFor(cents - 1)).toBeGreaterThan(after);
  }
});

test('the least that changes anything: a hundredth less and the plan is empty', () => {
  const { cents = 0 } = leastOf(curve) ?? {};
  expect(cents).toBeGreaterThan(0);
  expect(atOnce(planningAtTill(problem, { cents }, till)).chosen).not.toEqual([]);
  expect(atOnce(planningAtTill(problem, { cents: cents - 1 }, till)).chosen).toEqual([]);
});

test('a mend that spares none to speak of is in no plan', () => {
  const { chosen, after } = atOnce(planningAtTill(problem, {}, till));
  for (const mend of chosen) {
    const without = lossWith(
      problem,
      chosen.filter((it) => it !== mend),
    );
    expect(without - after).toBeGreaterThan(worthwhile.value / 2);
  }
  const { others } = atOnce(answering(session, {}, till));
  for (const why of Object.values(others)) {
    if (why.kind === 'money') expect(why.birds).toBeGreaterThan(worthwhile.value);
  }
});

const priced = (material: Material, change: { readonly cents?: number; readonly none?: true }) => ({
  ...usual,
  prices: soldOf(material, place, usual).map(({ id, size, cents }) => ({
    id,
    material,
    size,
    cents: change.cents ?? cents,
    seen: '2026-10-01',
    ...(change.none && { none: true as const }),
  })),
});

test('what is not to be had is not free: nothing made of it is planned, and that is said', () => {
  const shop = priced('board', { none: true });
  const own = sessionWith(shop);
  const answer = atOnce(answering(own, {}, tillOf(own, shop)));
  const boards = own.candidates.filter(({ takes }) =>
    takes.some(({ material }) => material === 'board'),
  );
  expect(boards.length).toBeGreaterThan(0);
  for (const { id } of boards) {
    expect(answer.chosen).not.toContain(id);
    expect(answer.others[id]).toEqual({ kind: 'not-sold' });
  }
  // Without a shop there is no price book to ask.
  expect(atOnce(answering(own, {}, byTheMetre(own))).chosen).toContain('sill-board ground n2');
});

test('a price of nothing is a price', () => {
  const [board, screws] = [priced('board', { cents: 0 }), priced('screws', { cents: 0 })];
  const shop = { ...usual, prices: [...board.prices, ...screws.prices] };
  const own = sessionWith(shop);
  const answer = atOnce(answering(own, { cents: 0 }, tillOf(own, shop)));
  expect(answer.chosen).toContain('sill-board ground n2');
  expect(answer.wholeCents).toBe(0);
});

test('two musts that exclude each other, and a must that is not to be, are said', () => {
  const excluded = problem.candidates.find(({ excludes }) => excludes.length > 0);
  const other = problem.candidates[excluded?.excludes[0] ?? -1];
  const must = [excluded?.id ?? '', other?.id ?? ''];
  const { clashes, chosen } = atOnce(answering(session, { must, wont: [must[0] ?? ''] }, till));
  expect(clashes).toEqual([
    { kind: 'must-and-wont', made: must[0], instead: must[0] },
    { kind: 'excludes', made: must[0], instead: must[1] },
  ]);
  expect(chosen).toContain(must[0]);
  expect(chosen).not.toContain(must[1]);
});
