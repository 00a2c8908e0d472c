/** Cutting against a general exact solver, examples from textbooks, and what holds of every cutting whatever its pieces. */
import fc from 'fast-check';
import loadHighs from 'highs';
import { cuttingLp } from '../../tests/cutting-as-lp';
import { meshRolls } from '../../tests/mesh-rolls';
import { cheapestCutting, quick, type CuttingLimits } from './cheapest-cutting';
import { dualBound } from './dual-bound';
import { packing } from './packing';
import { areaOf, sumBy, type Cutting, type Piece, type Roll } from './cutting';

jest.setTimeout(300_000);

function cut(pieces: readonly Piece[], rolls: readonly Roll[], limits?: CuttingLimits): Cutting {
  const result = cheapestCutting(pieces, rolls, limits);
  if (!('cutting' in result)) throw new Error(`too large: ${result.tooLarge.join()}`);
  return result.cutting;
}

/** Every piece once, inside its section, beside the others; sections inside the roll, one after the other. */
function expectCuttable(pieces: readonly Piece[], { rolls, cents, waste }: Cutting): void {
  const strips = rolls.flatMap((it) => it.sections.flatMap((section) => section.strips));
  expect(strips.map(({ piece }) => piece).sort()).toEqual(pieces.map(({ id }) => id).sort());
  for (const { roll, sections } of rolls) {
    let end = 0;
    for (const { from, length, strips: own } of sections) {
      expect(from).toBeGreaterThanOrEqual(end);
      end = from + length;
      let edge = 0;
      for (const strip of [...own].sort((a, b) => a.across - b.across)) {
        expect(strip.across).toBeGreaterThanOrEqual(edge);
        edge = strip.across + strip.width;
        expect(strip.length).toBeLessThanOrEqual(length);
        const piece = pieces.find(({ id }) => id === strip.piece);
        expect([strip.length, strip.width]).toEqual([piece?.length, piece?.width]);
      }
      expect(edge).toBeLessThanOrEqual(roll.width);
    }
    expect(end).toBeLessThanOrEqual(roll.length);
  }
  expect(cents).toBe(sumBy(rolls, ({ roll }) => roll.cents));
  const sections = sumBy(rolls, ({ roll, sections: own }) =>
    sumBy(own, ({ length }) => length * roll.width),
  );
  expect(waste).toBeCloseTo(sections - sumBy(pieces, areaOf), 3);
}

/** Width, length, price. */
const asRolls = (all: readonly (readonly number[])[]): Roll[] =>
  all.map(([width = 0, length = 0, cents = 0], at) => ({
    id: `r${at} ${cents}`,
    width,
    length,
    cents,
  }));

const somePieces = (most: number) =>
  fc
    .array(
      fc.record({
        length: fc.integer({ min: 2, max: 40 }).map((it) => it * 100),
        width: fc.integer({ min: 1, max: 12 }).map((it) => it * 100),
      }),
      { minLength: 1, maxLength: most },
    )
    .map((all) => all.map((it, at): Piece => ({ id: `p${at}`, ...it })));

/** The first takes every piece, so that none is too large. */
const someRolls = (most: number) =>
  fc
    .array(
      fc.record({
        length: fc.integer({ min: 10, max: 100 }).map((it) => it * 100),
        width: fc.constantFrom(600, 900, 1200),
        cents: fc.integer({ min: 10, max: 200 }).map((it) => it * 50),
      }),
      { maxLength: most - 1 },
    )
    .map((all) =>
      [{ length: 5000, width: 1200, cents: 4800 }, ...all].map((it, at): Roll => ({
        id: `r${at}`,
        ...it,
      })),
    );

test('small cases cost and waste what a general exact solver finds', async () => {
  const highs = await loadHighs();
  const solved = (lp: string): number => {
    const { Status, ObjectiveValue } = highs.solve(lp, { mip_rel_gap: 0, output_flag: false });
    expect(Status).toBe('Optimal');
    return ObjectiveValue;
  };
  const cases = fc.sample(fc.tuple(somePieces(6), someRolls(4)), { seed: 7, numRuns: 40 });
  for (const [pieces, rolls] of cases) {
    const ours = cut(pieces, rolls);
    expect(ours.lowestCents).toBe(ours.cents);
    expect(ours.leastWaste).toBe(ours.waste);
    const money = solved(cuttingLp(pieces, rolls, 'money'));
    expect(ours.cents).toBeCloseTo(money, 3);
    const area = solved(cuttingLp(pieces, rolls, { cents: ours.cents }));
    expect(ours.waste + sumBy(pieces, areaOf)).toBeCloseTo(area, -1);
  }
});

test('whatever the pieces: all are cut, none over another, and never for less than the area asks', () => {
  fc.assert(
    fc.property(somePieces(30), someRolls(6), (pieces, rolls) => {
      // Broken off early as well as searched to the end: what is said of it holds either way.
      const ours = cut(pieces, rolls, { ...quick, withPrices: pieces.length % 2 === 0 });
      expectCuttable(pieces, ours);
      const cheapest = Math.min(...rolls.map((roll) => roll.cents / areaOf(roll)));
      expect(ours.lowestCents).toBeGreaterThanOrEqual(Math.floor(cheapest * sumBy(pieces, areaOf)));
      expect(ours.lowestCents).toBeLessThanOrEqual(ours.cents);
      expect(ours.leastWaste).toBeLessThanOrEqual(ours.waste + 1e-6);
      expect(ours.leastWaste).toBeGreaterThanOrEqual(-1e-6);
    }),
    { numRuns: 25 },
  );
});

test('no bound is above what is found, and each tells of the rest as of the whole', () => {
  fc.assert(
    fc.property(somePieces(7), (given) => {
      const pieces = [...given].sort((a, b) => b.length - a.length || b.width - a.width);
      const strips = [600, 900, 1200].map((width) => ({
        width,
        costOf: (length: number) => length * width,
      }));
      const endless = strips.map(({ width }) => ({ id: `${width}`, width, length: 1e6, cents: 1 }));
      const { whole, rest } = dualBound(pieces, strips, sumBy(pieces, areaOf) * 3);
      // One roll of each width is more than enough: only the sections are of interest.
      const { packed } = packing(pieces, endless, Infinity, 20_000, {
        whole: 0,
        rest: () => 0,
      });
      expect(whole).toBeLessThanOrEqual((packed?.area ?? 0) + 1e-3);
      expect(rest(0, [])).toBeCloseTo(whole, 3);
      expect(rest(pieces.length, [300])).toBeCloseTo(0, 6);
    }),
    { numRuns: 40 },
  );
});

test('thirty pieces and six roll sizes are proved to the cent', () => {
  const lengths = fc.integer({ min: 60, max: 320 }).map((it) => it * 10);
  const widths = fc.constantFrom(150, 250, 300, 600, 700);
  const cases = fc.sample(
    fc.array(fc.record({ length: lengths, width: widths }), { minLength: 30, maxLength: 30 }),
    { seed: 11, numRuns: 8 },
  );
  const rolls = meshRolls;
  for (const given of cases) {
    const pieces = given.map((it, at): Piece => ({ id: `p${at}`, ...it }));
    const ours = cut(pieces, rolls);
    expectCuttable(pieces, ours);
    expect(ours.lowestCents).toBe(ours.cents);
  }
});

test('lists of 5 to 200 pieces, looked at quickly: hardly dearer than any cutting can be', () => {
  const list = (most: number, isBars: boolean) =>
    fc.array(
      fc.record({
        length: fc.integer({ min: 20, max: isBars ? 180 : 320 }).map((it) => it * 10),
        width: isBars ? fc.constant(150) : fc.constantFrom(150, 250, 300, 600, 700, 850),
      }),
      { minLength: most, maxLength: most },
    );
  const bars = [
    [150, 1800, 720],
    [150, 2400, 1056],
    [150, 3600, 1500],
  ];
  // Each list is the next in a row of lengths that grow evenly in proportion.
  const over = Array.from({ length: 100 }, (_, seed) => {
    const count = Math.round(5 * 40 ** (seed / 99));
    const [given = []] = fc.sample(list(count, seed % 4 === 0), { seed, numRuns: 1 });
    const pieces = given.map((it, at): Piece => ({ id: `p${at}`, ...it }));
    const ours = cut(pieces, seed % 4 === 0 ? asRolls(bars) : meshRolls, quick);
    if (seed % 9 === 0) expectCuttable(pieces, ours);
    return ours.cents / ours.lowestCents - 1;
  }).sort((a, b) => a - b);
  expect(over[50]).toBeLessThan(0.03);
  // Part of that is the bound's: it knows of no whole rolls.
  expect(over[99]).toBeLessThan(0.2);
});

test.each([0, 1, 1e12])('rolls for %d hundredths are cut as well as others', (cents) => {
  const pieces = Array.from({ length: 60 }, (_, at): Piece => ({
    id: `p${at}`,
    length: 500 + 37 * at,
    width: 100 + 13 * (at % 40),
  }));
  const rolls = meshRolls.map((it) => ({ ...it, cents }));
  const ours = cut(pieces, rolls, quick);
  expectCuttable(pieces, ours);
  expect(ours.lowestCents).toBeLessThanOrEqual(ours.cents);
  const besides = [...rolls, ...asRolls([[1200, 5000, 4000]])];
  const fewer = cut(pieces.slice(0, 20), besides);
  expectCuttable(pieces.slice(0, 20), fewer);
  expect(fewer.cents).toBe(Math.min(cents, 4000));
});

test('what the shed has is enough where nothing is sold', () => {
  const offcut = { id: 'offcut', length: 3000, width: 600, cents: 0, count: 1 };
  expect(cut([{ id: 'a', length: 900, width: 300 }], [offcut]).cents).toBe(0);
});

test('a great many long sections, of which rolls of several lengths each waste half', () => {
  const pieces = Array.from({ length: 150 }, (_, at): Piece => ({
    id: `p${at}`,
    length: 5100 + at,
    width: 880,
  }));
  const rolls = asRolls([
    [900, 6000, 4600],
    [900, 10_000, 7000],
    [900, 14_900, 9900],
    [900, 19_900, 13_000],
  ]);
  const ours = cut(pieces, rolls, quick);
  expectCuttable(pieces, ours);
  expect(ours.cents).toBeLessThan(1.2 * ours.lowestCents);
});

test('pieces too wide for the cheaper roll are not cut from it', () => {
  const pieces = [
    { id: 'a', length: 5000, width: 1200 },
    { id: 'b', length: 5000, width: 650 },
  ];
  const rolls = [
    { id: 'narrow', length: 25_000, width: 900, cents: 18_000 },
    { id: 'wide', length: 25_000, width: 1200, cents: 24_000 },
  ];
  const ours = cut(pieces, rolls);
  expectCuttable(pieces, ours);
  expect(ours.cents).toBe(24_000);
});

test('one piece more never costs less', () => {
  fc.assert(
    fc.property(somePieces(8), someRolls(4), (pieces, rolls) => {
      const fewer = cut(pieces.slice(1), rolls);
      expect(cut(pieces, rolls).cents).toBeGreaterThanOrEqual(fewer.lowestCents);
    }),
    { numRuns: 60 },
  );
});

test('what is in stock is used before anything is bought', () => {
  const pieces = [
    { id: 'a', length: 1800, width: 600 },
    { id: 'b', length: 900, width: 300 },
  ];
  const roll = { id: 'roll', length: 10_000, width: 600, cents: 4000 };
  const offcut = { id: 'offcut', length: 1000, width: 400, cents: 0, count: 1 };
  const { rolls, cents } = cut(pieces, [roll, offcut]);
  expect(cents).toBe(4000);
  expect(rolls.map((it) => [it.roll.id, it.sections.length])).toEqual([
    ['offcut', 1],
    ['roll', 1],
  ]);
  expect(cut(pieces.slice(1), [roll, offcut]).cents).toBe(0);
});

test('a piece that no roll takes is named', () => {
  const pieces = [
    { id: 'short', length: 500, width: 500 },
    { id: 'wide', length: 500, width: 2000 },
  ];
  expect(cheapestCutting(pieces, [{ id: 'r', length: 9000, width: 1200, cents: 1 }])).toEqual({
    tooLarge: ['wide'],
  });
  expect(cut([], []).cents).toBe(0);
});

/** So many of each length, from bars of one length. */
function fromBars(bar: number, wanted: readonly (readonly [length: number, count: number])[]) {
  const pieces = wanted.flatMap(([length, count]) =>
    Array.from({ length: count }, (_, at): Piece => ({ id: `${length}-${at}`, length, width: 1 })),
  );
  const { cents, lowestCents } = cut(pieces, [{ id: 'bar', length: bar, width: 1, cents: 1 }]);
  return { bars: cents, atLeast: lowestCents };
}

describe('textbook examples of cutting stock (all recalled from memory)', () => {
  // The board cutting example of Winston, Operations Research: 17 ft boards; 25 of 3 ft, 20 of 5 ft, 15 of 9 ft. Its optimum is 19.
  test('boards of 17 ft', () => {
    expect(
      fromBars(17, [
        [3, 25],
        [5, 20],
        [9, 15],
      ]),
    ).toEqual({ bars: 19, atLeast: 19 });
  });

  // A worked example of bin packing in many textbooks: 4, 8, 1, 4, 2, 1 into bins of 10 are two bins; next-fit takes three.
  test('six lengths into bars of 10', () => {
    expect(
      fromBars(10, [
        [4, 2],
        [8, 1],
        [2, 1],
        [1, 2],
      ]),
    ).toEqual({ bars: 2, atLeast: 2 });
  });

  // Chvátal, Linear Programming (1983), ch. 13: raws of 100 in; the best is 453. Too many pieces to prove: the gap is said.
  test('1,313 finals from raws of 100 in', () => {
    const { bars, atLeast } = fromBars(100, [
      [45, 97],
      [36, 610],
      [31, 395],
      [14, 211],
    ]);
    expect(atLeast).toBeLessThanOrEqual(453);
    expect(bars).toBeGreaterThanOrEqual(453);
    expect(bars / atLeast).toBeLessThan(1.12);
  });

  // The paper mill of many lecture notes: 5,600 mm rolls, thirteen widths; 73 rolls are needed and enough.
  test('219 reels from rolls of 5,600 mm', () => {
    const { bars, atLeast } = fromBars(5600, [
      [1380, 22],
      [1520, 25],
      [1560, 12],
      [1710, 14],
      [1820, 18],
      [1880, 18],
      [1930, 20],
      [2000, 10],
      [2050, 12],
      [2100, 14],
      [2140, 16],
      [2150, 18],
      [2200, 20],
    ]);
    expect(atLeast).toBeLessThanOrEqual(73);
    expect(bars).toBeGreaterThanOrEqual(73);
    expect(bars).toBeLessThanOrEqual(78);
  });
});
