/** Packs, prices, sums, stock and plans that the shop can be paid for, held against arithmetic by hand and against what always holds. */
import fc from 'fast-check';
import { samphireYard } from '../../../../demo/samphire-yard';
import { applyReadings } from '../../records/apply-readings';
import type { Mend } from '../../records/mend';
import type { Place } from '../../place/place';
import { atOnce } from '../../steps';
import { aMend } from '../../tests/a-mend';
import { materials } from '../catalogue/prices';
import { answering } from '../plan/answer';
import { buildProblem } from '../plan/build-problem';
import { readyFor } from '../plan/with-mends';
import { planningAtTill } from '../plan/plan-at-till';
import { tillOf } from '../plan/till';
import { worthwhile } from '../plan/worthwhile';
import { cheapestCover } from './covering';
import { leastOffcut, stockAfter } from './offcuts';
import { plannedOf } from './planned-of';
import { firstShop, soldOf, unitPricesOf, defaultUnitPrices, type OwnPrice } from './shop';
import { shoppingList } from './shopping-list';
import { soldByDefault, type Sold } from './sold';

const found = applyReadings(samphireYard.place, samphireYard.walks).place;
const shop = firstShop(found);

const sum = (all: readonly number[]): number => all.reduce((total, it) => total + it, 0);

describe('packs', () => {
  const pack = (count: number, cents: number): Sold => ({
    id: String(count),
    material: 'screws',
    size: { form: 'pack', count },
    cents,
  });
  const holds = ({ size }: Sold): number => (size.form === 'pack' ? size.count : 1);

  test('are the cheapest that come to as many, by trying all', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 60 }),
        fc.array(fc.tuple(fc.integer({ min: 1, max: 30 }), fc.integer({ min: 1, max: 500 })), {
          minLength: 1,
          maxLength: 3,
        }),
        (wanted, sizes) => {
          const sold = sizes.map(([count, cents]) => pack(count, cents));
          const cover = cheapestCover(wanted, sold, holds) ?? [];
          expect(sum(cover.map((it) => it.count * holds(it.sold)))).toBeGreaterThanOrEqual(wanted);
          const cents = sum(cover.map((it) => it.count * it.sold.cents));
          expect(cents).toBe(
            leastByTrying(
              wanted,
              sold.map((it) => [holds(it), it.cents]),
            ),
          );
        },
      ),
    );
  });

  function leastByTrying(wanted: number, sizes: readonly (readonly [number, number])[]): number {
    if (wanted <= 0) return 0;
    const [first, ...rest] = sizes;
    if (!first) return Infinity;
    const [count, cents] = first;
    const most = Math.ceil(wanted / count);
    return Math.min(
      ...Array.from(
        { length: most + 1 },
        (_, many) => many * cents + leastByTrying(wanted - many * count, rest),
      ),
    );
  }

  test('nothing on sale covers nothing', () => {
    expect(cheapestCover(3, [], holds)).toBeUndefined();
    expect(cheapestCover(0, [], holds)).toEqual([]);
  });
});

describe('the price book', () => {
  test('without a price of the keeper’s the largest size costs what the plan reckons with', () => {
    for (const region of ['ie', 'na'] as const) {
      const place = { setting: { ...found.setting, region } };
      expect(unitPricesOf(place, { prices: [] })).toEqual(defaultUnitPrices);
      for (const material of materials) {
        for (const it of soldByDefault(material, region)) {
          expect(Number.isInteger(it.cents)).toBe(true);
        }
      }
    }
  });

  const own: OwnPrice = {
    id: 'welded-13 600x5000',
    material: 'welded-13',
    size: { form: 'sheet', width: 600, length: 5000 },
    cents: 1200,
    seen: '2026-11-20',
  };

  test('a price of the keeper’s takes the place of ours, and plans reckon with it', () => {
    const sold = soldOf('welded-13', found, { prices: [own] });
    expect(sold.filter(({ id }) => id === own.id)).toMatchObject([{ cents: 1200, seen: own.seen }]);
    // 12.00 for 3 m² is 4.00 a square metre, less than our 8.
    expect(unitPricesOf(found, { prices: [own] })['welded-13']).toBe(400);
    const apron = aMend('sill-apron', 'n1');
    const [ours, theirs] = [
      plannedOf(found, apron),
      plannedOf(found, apron, unitPricesOf(found, { prices: [own] })),
    ];
    expect(theirs?.cents).toBeLessThan(ours?.cents ?? 0);
  });

  test('what the shop does not have is not on the list', () => {
    const none: OwnPrice = { ...own, none: true };
    expect(soldOf('welded-13', found, { prices: [none] }).map(({ id }) => id)).not.toContain(
      own.id,
    );
    const nothing = soldByDefault('board', 'ie').map((it): OwnPrice => ({
      ...it,
      seen: '2026-11-20',
      none: true,
    }));
    const board = aMend('sill-board', 'n1');
    const list = shoppingList(found, [board], { ...shop, prices: nothing });
    expect(list.notSold).toEqual([{ material: 'board', mends: [board.id] }]);
  });
});

describe('the list', () => {
  const planning = buildProblem(found, { log: samphireYard.sightings, year: 2026 });
  const till = tillOf(planning, shop);
  const all = planning.candidates.map(({ mend }, at): Mend => ({ ...mend, id: `m${at}` }));
  const some = fc
    .subarray(
      all.map((_, at) => at),
      { maxLength: 6 },
    )
    .map((picked) => picked.flatMap((at) => all[at] ?? []));
  const ready = (mends: readonly Mend[]): Place => readyFor(found, mends);

  test('sums to the cent, covers what is taken off, and is never below it by the metre', () => {
    fc.assert(
      fc.property(some, fc.integer({ min: 0, max: 30 }), (mends, allowance) => {
        const list = shoppingList(ready(mends), mends, { ...shop, allowance });
        expect(list.cents).toBe(sum(list.lines.map((it) => it.cents)));
        for (const it of list.lines) expect(it.cents).toBe(it.count * it.sold.cents);
        expect(list.total).toBe(list.cents + Math.round((list.cents * allowance) / 100));
        const byMetre = sum(mends.map((it) => plannedOf(ready(mends), it)?.cents ?? 0));
        // Each mend's things are rounded up to whole cents by themselves.
        expect(list.cents).toBeGreaterThanOrEqual(byMetre - 6 * mends.length);
        expect(list.notSold).toEqual([]);
      }),
      { numRuns: 25 },
    );
  });

  test('one mend more never costs less', () => {
    fc.assert(
      fc.property(some, (mends) => {
        const [fewer, more] = [mends.slice(1), mends].map((it) =>
          shoppingList(ready(mends), it, shop),
        );
        expect(more?.cents).toBeGreaterThanOrEqual(fewer?.lowestCents ?? 0);
      }),
      { numRuns: 20 },
    );
  });

  test('what is left over is stock, and the next list buys less for it', () => {
    const apron = aMend('sill-apron', 'n1');
    const first = shoppingList(found, [apron], shop);
    const offcuts = stockAfter([], first.cut, () => 'left');
    expect(offcuts.map(({ material }) => material)).toContain('welded-13');
    for (const it of offcuts) {
      expect(it.length).toBeGreaterThanOrEqual(leastOffcut.length.value);
    }
    const second = shoppingList(found, [aMend('sill-apron', 'n3')], {
      ...shop,
      offcuts,
    });
    const mesh = second.lines.filter(({ sold }) => sold.material === 'welded-13');
    expect(mesh).toEqual([]);
    expect(stockAfter(offcuts, second.cut, () => 'rest').map(({ id }) => id)).not.toContain('left');
  });

  test('a plan whose whole rolls break the budget is given up for the best that can be paid', () => {
    for (const cents of [1000, 2000, 2500, 5000, 10_000]) {
      const plan = atOnce(planningAtTill(planning.problem, { cents }, till));
      expect(plan.paid).toBeLessThanOrEqual(cents);
      // Against every set of the mends that help, by trying.
      const best = leastByTryingAll(cents);
      expect(plan.after - best).toBeLessThan(worthwhile.value);
    }
  });

  /** All sets of up to three of the mends that any plan without end of money names, and those of two of all others. */
  function leastByTryingAll(cents: number): number {
    const answers = [1000, 2000, 3000, 5000, Infinity].map((it) =>
      atOnce(answering(planning, { cents: it })),
    );
    const useful = [...new Set(answers.flatMap(({ chosen }) => chosen))].map((id) =>
      planning.candidates.findIndex((it) => it.id === id),
    );
    let best = Infinity;
    for (let mask = 0; mask < 2 ** useful.length; mask += 1) {
      const chosen = useful.filter((_, bit) => (mask & (1 << bit)) !== 0);
      const clash = chosen.some((it) =>
        planning.problem.candidates[it]?.excludes.some((other) => chosen.includes(other)),
      );
      if (clash || till.cost(chosen) > cents) continue;
      best = Math.min(best, lossOf(chosen));
    }
    return best;
  }

  function lossOf(chosen: readonly number[]): number {
    const must = chosen.map((it) => planning.candidates[it]?.id ?? '');
    const wont = planning.candidates.map(({ id }) => id).filter((id) => !must.includes(id));
    return atOnce(answering(planning, { must, wont })).after;
  }
});
