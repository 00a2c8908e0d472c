/** What strands turn back, wire by wire. Figures: tables/shocking.ts. */
import type { Bay, Opening } from '../place/place';
import type { PossibleChoice } from '../place/possible';
import { strandTouchings } from '../tests/strung';
import { animals, type AnimalId } from '../tables/animals';
import { touching, type Touching } from '../tables/shocking';
import type { Bound } from './bound';
import { isCovered, strandEffect } from './strand';

const line = { volts: { is: 6 }, hoursOn: 1 } as const;

const effect = (id: AnimalId, bay: Bay) => strandEffect(bay, animals[id], 'worst', line);

test('one wire never stands for two prescribed heights', () => {
  // A raccoon’s set is 152 and 305 mm, each met within 50.
  expect(effect('raccoon', strandTouchings([[200, 'nothing']]))?.met).toBe(1);
  // A badger’s is 100, 200 and 300 mm: 250 meets the second or the third.
  const one = strandTouchings([[250, 'nothing']]);
  expect(effect('european-badger', one)).toMatchObject({ met: 1, of: 3 });
  const two = strandTouchings([
    [251, 'nothing'],
    [255, 'nothing'],
  ]);
  expect(effect('european-badger', two)).toMatchObject({ met: 1, of: 3 });
  const apart = strandTouchings([
    [245, 'nothing'],
    [250, 'nothing'],
  ]);
  expect(effect('european-badger', apart)).toMatchObject({ met: 2, of: 3 });
});

test('a wire under snow gives nothing, and takes from the rest of the line', () => {
  const clear = strandTouchings([
    [152, 'nothing'],
    [305, 'nothing'],
  ]);
  const snowed = strandTouchings([
    [152, 'snow'],
    [305, 'nothing'],
  ]);
  expect(effect('raccoon', clear)?.share).toBeCloseTo(0.95, 9);
  expect(effect('raccoon', snowed)).toMatchObject({ met: 1, of: 2 });
  expect(effect('raccoon', snowed)?.share).toBeCloseTo((0.95 / 2) * 0.25, 9);
  expect(effect('raccoon', strandTouchings([[152, 'snow']]))?.share).toBe(0);
});

test.each(touching.flatMap((one) => touching.map((other) => [one, other] as const)))(
  'a wire that %s or %s touches gives at least and at most what either would',
  (one, other) => {
    const shareOf = (it: PossibleChoice<Touching>, bound: Bound, reaching?: number) => {
      const bay = strandTouchings([
        [152, 'nothing'],
        [305, 'nothing'],
      ]);
      const [first, ...rest] = bay.strands;
      if (!first) throw new Error('a wire');
      const strung = {
        ...bay,
        strands: [{ ...first, touching: it }, ...rest],
        ...(reaching !== undefined && { reaching: { is: reaching } }),
      };
      return strandEffect(strung, animals.raccoon, bound, line)?.share ?? 0;
    };
    // Of a line that nobody has described, and of one that was worked out.
    for (const reaching of [undefined, 6]) {
      const each = [one, other].map((it) => shareOf({ is: it }, 'best', reaching));
      const half: PossibleChoice<Touching> = { oneOf: [one, other] };
      expect(shareOf(half, 'best', reaching)).toBeGreaterThanOrEqual(Math.max(...each));
      expect(shareOf(half, 'worst', reaching)).toBeLessThanOrEqual(Math.min(...each));
    }
  },
);

test.each([
  'red-fox',
  'grey-fox',
  'coyote',
  'domestic-dog',
  'domestic-cat',
  'european-badger',
  'striped-skunk',
  'virginia-opossum',
] as const)('one low strand counts something against a %s, and less than a whole set', (id) => {
  const share = effect(id, strandTouchings([[120, 'nothing']]))?.share ?? 0;
  expect(share).toBeGreaterThan(0.2);
  expect(share).toBeLessThan(0.6);
});

test('a line in front is met before latch, frame, doorway and climb; never by what flies or leaps both', () => {
  const near = strandTouchings([[305, 'nothing']], 100);
  for (const attack of ['open', 'lift', 'wait', 'climb', 'dig', 'pass', 'tear', 'reach'] as const) {
    expect([attack, isCovered(attack, near, 'worst')]).toEqual([attack, true]);
  }
  expect(isCovered('fly', near, 'worst')).toBe(false);
  expect(isCovered('jump', near, 'worst')).toBe(false);
  // A line well off the wall is crossed before the leap.
  expect(isCovered('jump', { strands: [] }, 'worst')).toBe(false);
});

test('a line runs past a vent as past its wall, and may end at a door of which nobody has said', () => {
  const near = strandTouchings([[305, 'nothing']], 100);
  const edges = { id: 'o', name: 'o', at: 0, up: 0, width: 300, height: 200, gap: { is: 0 } };
  const rest = { gapPulled: { is: 0 }, latches: [], letGo: 'stays' } as const;
  const when = { habit: 'every-night', byDay: 'shut' } as const;
  const vent: Opening = { ...edges, ...rest, ...when, kind: 'vent', shutBy: 'nobody' };
  const door: Opening = { ...edges, ...rest, ...when, kind: 'door', shutBy: 'hand' };
  const covered = (opening: Opening) =>
    (['best', 'worst'] as const).map((bound) => isCovered('pass', near, bound, opening));
  expect(covered(vent)).toEqual([true, true]);
  expect(covered({ ...vent, crossed: { is: 'no' } })).toEqual([false, false]);
  expect(covered(door)).toEqual([true, false]);
  expect(covered({ ...door, crossed: { is: 'yes' } })).toEqual([true, true]);
});

describe('how the line passes a door', () => {
  const gate = (more: Partial<Opening>): Opening => ({
    id: 'gate',
    name: 'gate',
    kind: 'gate',
    at: 0,
    up: 0,
    width: 900,
    height: 1700,
    latches: [],
    habit: 'every-night',
    shutBy: 'hand',
    ...more,
  });
  const covers = (more: Partial<Opening>) =>
    (['best', 'worst'] as const).map((bound) =>
      isCovered('pass', strandTouchings([[152, 'nothing']]), bound, gate(more)),
    );

  test.each<[string, Partial<Opening>, boolean, boolean]>([
    ['a handle covers it', { lineBy: 'handle' }, true, true],
    [
      'a handle that was found off does not',
      { lineBy: 'handle', hooked: { is: 'no' } },
      false,
      false,
    ],
    [
      'nor does a lead in the ground, whatever was read',
      { lineBy: 'buried', crossed: { is: 'yes' } },
      false,
      false,
    ],
    ['nor one overhead, nor a line that ends', { lineBy: 'ends' }, false, false],
    ['what nobody has said may be either', {}, true, false],
    [
      'a handle over which no wire runs covers nothing',
      { lineBy: 'handle', crossed: { is: 'no' } },
      false,
      false,
    ],
  ])('%s', (_, more, best, worst) => {
    expect(covers(more)).toEqual([best, worst]);
  });
});
