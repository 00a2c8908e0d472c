/** Take-off, rolls and sums, held against arithmetic by hand and against what always holds. */
import fc from 'fast-check';
import { samphireYard } from '../../../../demo/samphire-yard';
import { applyReadings } from '../../place/apply-readings';
import { lapOf } from '../../place/lap';
import type { Mend, MendKind, SpotKind } from '../../place/mend';
import type { Place } from '../../place/place';
import { atOnce } from '../../steps';
import { materials } from '../catalogue/prices';
import { answering } from '../plan/answer';
import { buildProblem } from '../plan/build-problem';
import { readyFor } from '../plan/with-mends';
import { planningWhole, wholeCost } from '../plan/whole-rolls';
import { cheapestCover } from './covering';
import { divided } from './divide';
import { leastOffcut, stockAfter } from './offcuts';
import { plannedOf } from './planned-of';
import { firstShop, soldOf, unitPricesOf, defaultUnitPrices, type OwnPrice } from './shop';
import { shoppingList } from './shopping-list';
import { soldByDefault, type Sold } from './sold';
import { apronOverlap, takeOff, type Stretch } from './take-off';

const found = applyReadings(samphireYard.place, samphireYard.walks).place;
const shop = firstShop(found);

function mendAt(kind: MendKind, bay: string, spot: SpotKind, item = bay): Mend {
  return {
    id: `${kind} ${bay}`,
    placeId: found.id,
    kind,
    bay,
    spot: { kind: spot, item },
    stops: ['european-badger'],
    targets: [{ item: bay, attribute: 'skirt.outward', value: { atLeast: 450 } }],
    state: 'planned',
    history: [{ state: 'planned', at: '2026-11-01T10:00:00Z' }],
  };
}

const width = (id: string): number =>
  lapOf(found).bays.find(({ bay }) => bay.id === id)?.bay.width ?? NaN;

describe('take-off', () => {
  test('an apron runs on past the posts, as long as its bays together', () => {
    const mends = ['n1', 'n2', 'n3'].map((it) => mendAt('sill-apron', it, 'ground'));
    const { stretches } = takeOff(found, mends);
    expect(stretches).toHaveLength(1);
    expect(stretches[0]).toMatchObject({
      bays: ['n1', 'n2', 'n3'],
      length: width('n1') + width('n2') + width('n3'),
      // 450 mm out and a hand of 150 mm up the sill.
      height: 600,
      joints: [width('n1'), width('n1') + width('n2')],
    });
  });

  test('round an outer corner it is longer by as far as it reaches out', () => {
    const order = lapOf(found).bays.map(({ bay }) => bay.id);
    const [last, first] = ['n3', 'e1'];
    expect(order.indexOf(first)).toBe(order.indexOf(last) + 1);
    const { stretches } = takeOff(found, [
      mendAt('sill-apron', last, 'ground'),
      mendAt('sill-apron', first, 'ground'),
    ]);
    expect(stretches.map(({ length }) => length)).toEqual([width(last) + 450 + width(first)]);
  });

  test('bays that do not meet are runs of their own', () => {
    const { stretches } = takeOff(found, [
      mendAt('sill-apron', 'n1', 'ground'),
      mendAt('sill-apron', 'n3', 'ground'),
    ]);
    expect(stretches.map(({ bays }) => bays)).toEqual([['n1'], ['n3']]);
  });

  test('a bay that was taken away is told, and nothing is counted for it', () => {
    const taken = takeOff(found, [mendAt('sill-apron', 'nowhere', 'ground')]);
    expect(taken).toEqual({
      stretches: [],
      lengths: [],
      counts: [],
      untold: ['sill-apron nowhere'],
    });
  });
});

describe('dividing', () => {
  const run: Stretch = {
    mends: ['a', 'b', 'c'],
    bays: ['a', 'b', 'c'],
    material: 'welded-13',
    length: 7000,
    height: 600,
    joints: [2000, 4500],
    overlap: 150,
  };
  const roll = (length: number, wide = 600) => ({
    id: `${wide}x${length}`,
    length,
    width: wide,
    cents: 1,
  });

  test('whole where a roll takes it, else joined at posts with overlap', () => {
    const lengths = (longest: number) =>
      divided([run], [roll(10_000)], { longest, strip: 600 }).map(({ length }) => length);
    expect(lengths(10_000)).toEqual([7000]);
    expect(lengths(5000)).toEqual([4500 + 150, 2500]);
    expect(lengths(0)).toEqual([2150, 2650, 2500]);
  });

  test('of a run each piece is for the bays it lies along', () => {
    const pieces = divided([run], [roll(5000)], { longest: 5000, strip: 600 });
    expect(pieces.map(({ bays, mends }) => [bays, mends])).toEqual([
      [
        ['a', 'b'],
        ['a', 'b'],
      ],
      [['c'], ['c']],
    ]);
  });

  test('higher than any roll is wide: strips side by side, with overlap', () => {
    const wall: Stretch = { ...run, joints: [], height: 2000, overlap: 50, length: 3000 };
    const pieces = divided([wall], [roll(10_000, 900)], { longest: 0, strip: 900 });
    // 900 + 850 + 250 come to 2,000 of wall.
    expect(pieces.map(({ width: it }) => it)).toEqual([900, 900, 300]);
    expect(pieces.map(({ part }) => part)).toEqual([
      { at: 1, of: 3 },
      { at: 2, of: 3 },
      { at: 3, of: 3 },
    ]);
  });

  test('a narrow panel stands upright instead of in strips', () => {
    const panel: Stretch = { ...run, joints: [], height: 1900, length: 800 };
    const [piece, ...more] = divided([panel], [roll(10_000, 900)], { longest: 0, strip: 900 });
    expect([piece?.length, piece?.width, more.length]).toEqual([1900, 800, 0]);
  });

  test('pieces cover their stretch whatever it is', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 300, max: 6000 }), { minLength: 1, maxLength: 6 }),
        fc.integer({ min: 100, max: 3000 }),
        fc.constantFrom(0, 3000, 5000, 10_000),
        (bays, height, longest) => {
          const joints = bays.slice(1).map((_, at) => sum(bays.slice(0, at + 1)));
          const names = bays.map((_, at) => `b${at}`);
          const stretch = { ...run, bays: names, mends: names, length: sum(bays), height, joints };
          const rolls = [roll(5000, 600), roll(10_000, 900)];
          const pieces = divided([stretch], rolls, { longest, strip: 900 });
          const overlapped = sum(pieces.map((it) => it.length * it.width));
          expect(overlapped).toBeGreaterThanOrEqual(stretch.length * height);
          for (const it of pieces) {
            expect(it.length).toBeLessThanOrEqual(10_000);
            expect(it.width).toBeLessThanOrEqual(900);
          }
        },
      ),
    );
  });
});

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
    const apron = mendAt('sill-apron', 'n1', 'ground');
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
    const board = mendAt('sill-board', 'n1', 'ground');
    const list = shoppingList(found, [board], { ...shop, prices: nothing });
    expect(list.notSold).toEqual([{ material: 'board', mends: [board.id] }]);
  });
});

describe('the list', () => {
  const planning = buildProblem(found, samphireYard.sightings, [], 2026);
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
    const apron = mendAt('sill-apron', 'n1', 'ground');
    const first = shoppingList(found, [apron], shop);
    const offcuts = stockAfter([], first.cut, () => 'left');
    expect(offcuts.map(({ material }) => material)).toContain('welded-13');
    for (const it of offcuts) {
      expect(it.length).toBeGreaterThanOrEqual(leastOffcut.length.value);
    }
    const second = shoppingList(found, [mendAt('sill-apron', 'n3', 'ground')], {
      ...shop,
      offcuts,
    });
    const mesh = second.lines.filter(({ sold }) => sold.material === 'welded-13');
    expect(mesh).toEqual([]);
    expect(stockAfter(offcuts, second.cut, () => 'rest').map(({ id }) => id)).not.toContain('left');
  });

  test('a plan whose whole rolls break the budget is given up for the best that can be paid', () => {
    for (const cents of [1000, 2000, 2500, 5000, 10_000]) {
      const plan = atOnce(planningWhole(planning, { cents }, shop));
      expect(plan.wholeCents).toBeLessThanOrEqual(cents);
      // Against every set of the mends that help, by trying.
      const best = leastByTryingAll(cents);
      expect(plan.after).toBeCloseTo(best, 6);
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
      if (clash || wholeCost(planning, chosen, shop).cents > cents) continue;
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

test('an apron’s overlap is six inches, as is said of aprons', () => {
  expect(apronOverlap).toMatchObject({ value: 150, mark: 'common-practice' });
});
