/** Boards of many lengths: against a general exact solver, against the search by pieces, and thirty of them to the cent. */
import fc from 'fast-check';
import loadHighs from 'highs';
import { barsLp } from '../../tests/bars-as-lp';
import { cheapestCutting } from './cheapest-cutting';
import { sumBy, type Cutting, type Piece, type Roll } from './cutting';
import { fillingBars } from './fill-bars';
import { packing } from './packing';

jest.setTimeout(300_000);

const noBound = { whole: 0, prices: [], worth: () => 0, rest: () => 0 };

const boards = (lengths: readonly number[]): Piece[] =>
  lengths.map((length, at) => ({ id: `p${at}`, length, width: 100 }));

function cut(pieces: readonly Piece[], rolls: readonly Roll[]): Cutting {
  const result = cheapestCutting(pieces, rolls);
  if (!('cutting' in result)) throw new Error(`too large: ${result.tooLarge.join()}`);
  return result.cutting;
}

/** Every piece once, and no board cut to more than it has. */
function expectCuttable(pieces: readonly Piece[], { rolls, cents }: Cutting): void {
  const cutFrom = rolls.flatMap(({ sections }) => sections.flatMap(({ strips }) => strips));
  expect(cutFrom.map(({ piece }) => piece).sort()).toEqual(pieces.map(({ id }) => id).sort());
  for (const { roll, sections } of rolls) {
    const ends = sections.map(({ from, length }) => from + length);
    sections.forEach(({ from }, at) => expect(from).toBe(ends[at - 1] ?? 0));
    expect(ends.at(-1)).toBeLessThanOrEqual(roll.length);
    const own = sections.map(({ strips: [strip] }) => pieces.find((it) => it.id === strip?.piece));
    expect(sections.map(({ length }) => length)).toEqual(own.map((it) => it?.length));
  }
  expect(cents).toBe(sumBy(rolls, ({ roll }) => roll.cents));
}

const soldLengths = [1800, 2400, 3000, 3600, 4200, 4800];

/** Nearly one price a metre for all lengths, so that one has little to go by. */
const sixLengths = fc
  .array(fc.integer({ min: 97, max: 103 }), { minLength: 6, maxLength: 6 })
  .map((percents) =>
    soldLengths.map((length, at): Roll => {
      const cents = Math.round((length * 0.44 * (percents[at] ?? 100)) / 100);
      return { id: `b${length}`, length, width: 100, cents };
    }),
  );

const offcuts = (most: number) =>
  fc
    .array(fc.integer({ min: 400, max: 2300 }), { maxLength: most })
    .map((all) =>
      all.map((length, at): Roll => ({ id: `s${at}`, length, width: 100, cents: 0, count: 1 })),
    );

test('boards and offcuts cost what a general exact solver finds', async () => {
  const highs = await loadHighs();
  const lengths = fc.array(fc.integer({ min: 200, max: 1800 }), { minLength: 1, maxLength: 9 });
  for (const [long, sold, stock] of fc.sample(fc.tuple(lengths, sixLengths, offcuts(2)), {
    seed: 5,
    numRuns: 40,
  })) {
    const pieces = boards(long);
    const ours = cut(pieces, [...sold, ...stock]);
    expectCuttable(pieces, ours);
    expect(ours.lowestCents).toBe(ours.cents);
    const lp = barsLp(long, sold, stock);
    const { Status, ObjectiveValue } = highs.solve(lp, { mip_rel_gap: 0, output_flag: false });
    expect(Status).toBe('Optimal');
    expect(ours.cents).toBeCloseTo(ObjectiveValue, 3);
  }
});

test('whether bars take all pieces is found alike by filling bars and by placing pieces', () => {
  const lengths = fc.array(fc.integer({ min: 2, max: 24 }), { minLength: 2, maxLength: 9 });
  const counts = fc.array(fc.integer({ min: 0, max: 3 }), { minLength: 3, maxLength: 3 });
  // What prices showed of one set is kept for the next.
  const sets = fc.array(counts, { minLength: 4, maxLength: 4 });
  const seen = new Set<boolean>();
  fc.assert(
    fc.property(lengths, sets, (given, tried) => {
      const long = [...given].sort((a, b) => b - a);
      const pieces = long.map((width, at): Piece => ({ id: `p${at}`, length: 1, width }));
      const fill = fillingBars(long, [17, 30, 41]);
      for (const [few = 0, some = 0, many = 0] of tried) {
        const bars = [
          { length: 17, count: few },
          { length: 30, count: some },
          { length: 41, count: many },
        ];
        const { bars: filled, proved } = fill(bars, 100_000);
        const rolls = bars.flatMap(({ length, count }) =>
          Array.from({ length: count }, (): Roll => ({
            id: '',
            length: 1,
            width: length,
            cents: 1,
          })),
        );
        const { packed } = packing(pieces, rolls, Infinity, 1_000_000, noBound);
        expect(proved).toBe(true);
        expect(filled !== undefined).toBe(packed !== undefined);
        seen.add(filled !== undefined);
        for (const bar of filled ?? []) {
          expect(sumBy(bar.pieces, (at) => long[at] ?? 0)).toBeLessThanOrEqual(bar.length);
        }
        if (filled) {
          const taken = filled.flatMap((bar) => bar.pieces).sort((a, b) => a - b);
          expect(taken).toEqual(long.map((_, at) => at));
        }
      }
    }),
    { numRuns: 150 },
  );
  expect(seen.size).toBe(2);
});

test.each([
  [300, 2400, 0],
  [150, 900, 0],
  [1000, 1900, 0],
  [1500, 4700, 0],
  [300, 2400, 4],
])(
  'thirty boards of %d to %d mm from six lengths are proved to the cent, %d offcuts in stock',
  (min, max, most) => {
    const lengths = fc.array(fc.integer({ min, max }), { minLength: 30, maxLength: 30 });
    for (const [long, sold, stock] of fc.sample(fc.tuple(lengths, sixLengths, offcuts(most)), {
      seed: 3,
      numRuns: 3,
    })) {
      const pieces = boards(long);
      const ours = cut(pieces, [...sold, ...stock]);
      expectCuttable(pieces, ours);
      expect(ours.lowestCents).toBe(ours.cents);
    }
  },
);
