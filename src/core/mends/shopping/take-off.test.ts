/** What is taken off a wall, and how it is divided into pieces, held against arithmetic by hand. */
import fc from 'fast-check';
import { samphireYard } from '../../../../demo/samphire-yard';
import { tamarackBank } from '../../../../demo/tamarack-bank';
import { applyReadings } from '../../records/apply-readings';
import { lapOf } from '../../place/lap';
import { aMend } from '../../tests/a-mend';
import { cheapestCutting } from '../cutting/cheapest-cutting';
import type { Roll } from '../cutting/cutting';
import { headingsOf } from './corners';
import { bestDivision } from './best-division';
import { divided } from './divide';
import { layingsOf } from './layings';
import { apronOverlap, takeOff } from './take-off';
import { type Stretch } from './stretch';

const found = applyReadings(samphireYard.place, samphireYard.walks).place;
const apron = (bay: string) => aMend('sill-apron', bay);
const sum = (all: readonly number[]): number => all.reduce((total, it) => total + it, 0);

const width = (id: string): number =>
  lapOf(found).bays.find(({ bay }) => bay.id === id)?.bay.width ?? NaN;

describe('take-off', () => {
  test('an apron runs on past the posts, as long as its bays together', () => {
    const mends = ['n1', 'n2', 'n3'].map((it) => apron(it));
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
    const { stretches } = takeOff(found, [apron(last), apron(first)]);
    expect(stretches.map(({ length }) => length)).toEqual([width(last) + 450 + width(first)]);
  });

  test('bays that do not meet are runs of their own', () => {
    const { stretches } = takeOff(found, [apron('n1'), apron('n3')]);
    expect(stretches.map(({ bays }) => bays)).toEqual([['n1'], ['n3']]);
  });

  test('all the way round, it goes past the gate, round every corner, and ends over its own beginning', () => {
    const lap = lapOf(found).bays.filter(({ bay }) => (bay.base ?? 0) === 0);
    const all = lap.map(({ bay }) => apron(bay.id));
    const [run, ...more] = takeOff(found, all).stretches;
    expect(more).toEqual([]);
    const corners = headingsOf(lap).filter(({ turn }) => turn > 20).length;
    expect(run?.length).toBeCloseTo(sum(lap.map(({ bay }) => bay.width)) + 450 * corners + 150, 6);
    // The two bays on either side of the gate alone are one run as well.
    const [first, last] = [lap[0]?.bay.id ?? '', lap.at(-1)?.bay.id ?? ''];
    const ends = takeOff(
      found,
      [first, last].map((it) => apron(it)),
    );
    expect(ends.stretches.map(({ bays }) => bays)).toEqual([[last, first]]);
  });

  test('a run does not leap from one pen to another', () => {
    const bank = applyReadings(tamarackBank.place, tamarackBank.walks).place;
    const lap = lapOf(bank).bays.filter(({ bay }) => (bay.base ?? 0) === 0);
    const { stretches } = takeOff(
      bank,
      lap.map(({ bay }) => ({ ...apron(bay.id), placeId: bank.id })),
    );
    for (const { bays } of stretches) {
      const pens = new Set(bays.map((it) => it.startsWith('hoop')));
      expect(pens.size).toBe(1);
    }
    expect(stretches.flatMap(({ bays }) => bays)).toHaveLength(lap.length);
  });

  test('a bay that was taken away is told, and nothing is counted for it', () => {
    const taken = takeOff(found, [apron('nowhere')]);
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
  /** With the fewest seams. */
  const laid = (stretches: readonly Stretch[], rolls: readonly Roll[], longest = 0) =>
    divided(stretches, rolls, {
      longest,
      layings: stretches.flatMap((it) => layingsOf(it, rolls)[0] ?? []),
    });

  test('whole where a roll takes it, else joined at posts with overlap', () => {
    const lengths = (longest: number) =>
      laid([run], [roll(10_000)], longest).map(({ length }) => length);
    expect(lengths(10_000)).toEqual([7000]);
    expect(lengths(5000)).toEqual([4500 + 150, 2500]);
    expect(lengths(0)).toEqual([2150, 2650, 2500]);
  });

  test('of a run each piece is for the bays it lies along', () => {
    const pieces = laid([run], [roll(5000)], 5000);
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
    const pieces = laid([wall], [roll(10_000, 900)]);
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
    const [piece, ...more] = laid([panel], [roll(10_000, 900)]);
    expect([piece?.length, piece?.width, more.length]).toEqual([1900, 800, 0]);
  });

  test('a roll hardly wider or longer than the overlap is too small, and nothing hangs', () => {
    const sliver = [roll(100, 80)];
    const tall = { ...run, height: 2000 };
    expect('tooLarge' in cheapestCutting(laid([tall], sliver), sliver)).toBe(true);
    expect(bestDivision([tall], sliver)).toBeUndefined();
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
          for (const laying of layingsOf(stretch, rolls)) {
            const pieces = divided([stretch], rolls, { longest, layings: [laying] });
            const overlapped = sum(pieces.map((it) => it.length * it.width));
            expect(overlapped).toBeGreaterThanOrEqual(stretch.length * height);
            for (const it of pieces) {
              expect(it.length).toBeLessThanOrEqual(10_000);
              expect(it.width).toBeLessThanOrEqual(900);
            }
          }
        },
      ),
    );
  });
});

test('an apron’s overlap is six inches, as is said of aprons', () => {
  expect(apronOverlap).toMatchObject({ value: 150, mark: 'common-practice' });
});
