/** Filling whole sections against placing one piece after the other, and thirty pieces of any width to the cent. */
import fc from 'fast-check';
import { cheapestCutting } from './cheapest-cutting';
import { areaOf, sumBy, type Piece, type Roll } from './cutting';
import { dualBound } from './dual-bound';
import { fillSections } from './fill-sections';
import { packing } from './packing';
import { rollPrices } from './roll-prices';

jest.setTimeout(300_000);

const asPieces = (all: readonly { length: number; width: number }[]): Piece[] =>
  all
    .map((it, at) => ({ id: `p${at}`, ...it }))
    .sort((a, b) => b.length - a.length || b.width - a.width);

const noBound = { whole: 0, prices: [], worth: () => 0, rest: () => 0 };

test('rolls take all pieces, and with as little waste, whichever way it is searched', () => {
  const some = fc.array(
    fc.record({
      length: fc.integer({ min: 2, max: 20 }).map((it) => it * 100),
      width: fc.integer({ min: 1, max: 11 }).map((it) => it * 100),
    }),
    { minLength: 2, maxLength: 8 },
  );
  const rolls = fc.array(
    fc.record({
      length: fc.integer({ min: 10, max: 40 }).map((it) => it * 100),
      width: fc.constantFrom(600, 900, 1200),
    }),
    { minLength: 1, maxLength: 3 },
  );
  const seen = new Set<string>();
  fc.assert(
    fc.property(some, rolls, (given, sold) => {
      const pieces = asPieces(given);
      const set = sold.map((it, at): Roll => ({ id: `r${at}`, ...it, cents: 1 }));
      const strips = set.map(({ width }) => ({ width, costOf: (long: number) => long * width }));
      const widest = Math.max(...set.map(({ width }) => width));
      fc.pre(pieces.every(({ width }) => width <= widest));
      const byPieces = packing(pieces, set, Infinity, 1_000_000, noBound);
      const dual = dualBound(pieces, strips, sumBy(set, areaOf));
      const room = rollPrices(pieces, set)(set);
      expect(byPieces.proved).toBe(true);
      // What prices show is so.
      if (room.isTooLittle) expect(byPieces.packed).toBeUndefined();
      const bySections = fillSections(pieces, set, Infinity, 1_000_000, dual, room);
      expect(bySections.proved).toBe(true);
      expect(bySections.packed?.area).toBe(byPieces.packed?.area);
      seen.add(room.isTooLittle ? 'shown' : byPieces.packed ? 'fits' : 'searched');
    }),
    { numRuns: 300 },
  );
  expect([...seen].sort()).toEqual(['fits', 'searched', 'shown']);
});

test('prices kept of one set of rolls show nothing of another that is not so', () => {
  const some = fc.array(
    fc.record({ length: fc.integer({ min: 2, max: 20 }), width: fc.integer({ min: 1, max: 11 }) }),
    { minLength: 2, maxLength: 7 },
  );
  const sizes = [
    [25, 6],
    [20, 9],
    [30, 12],
  ];
  const sold = sizes.map(([length = 0, width = 0], at): Roll => ({
    id: `r${at}`,
    length,
    width,
    cents: 1,
  }));
  const counts = fc.array(fc.integer({ min: 0, max: 2 }), { minLength: 3, maxLength: 3 });
  let shown = 0;
  fc.assert(
    fc.property(some, fc.array(counts, { minLength: 6, maxLength: 6 }), (given, sets) => {
      const pieces = asPieces(given);
      const roomOf = rollPrices(pieces, sold);
      for (const set of sets) {
        const rolls = sold.flatMap((roll, at) => Array.from({ length: set[at] ?? 0 }, () => roll));
        if (rolls.length === 0 || !roomOf(rolls).isTooLittle) continue;
        shown += 1;
        const { packed, proved } = packing(pieces, rolls, Infinity, 1_000_000, noBound);
        expect([packed, proved]).toEqual([undefined, true]);
      }
    }),
    { numRuns: 300 },
  );
  expect(shown).toBeGreaterThan(300);
});

test('thirty pieces of any width and length from six rolls are proved to the cent', () => {
  const any = fc.array(
    fc.record({
      length: fc.integer({ min: 300, max: 4000 }),
      width: fc.integer({ min: 100, max: 900 }),
    }),
    { minLength: 30, maxLength: 30 },
  );
  const rolls = [
    [900, 5000, 4010],
    [600, 10_000, 5230],
    [900, 10_000, 8190],
    [1200, 10_000, 10_640],
    [900, 25_000, 19_800],
    [1200, 25_000, 27_300],
  ].map(([width = 0, length = 0, cents = 0], at): Roll => ({ id: `r${at}`, width, length, cents }));
  for (const given of fc.sample(any, { seed: 4, numRuns: 6 })) {
    const result = cheapestCutting(asPieces(given), rolls);
    if (!('cutting' in result)) throw new Error('the widest roll takes them all');
    const { cents, lowestCents, waste, leastWaste } = result.cutting;
    expect(lowestCents).toBe(cents);
    expect(waste).toBeGreaterThanOrEqual(leastWaste);
  }
});
