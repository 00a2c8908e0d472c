/** Pens that stand on a frame: what is read once, what is walked after a move, what is offered as a mend. */
import { mendKinds } from '../records/mend';
import { applyReadings } from '../records/apply-readings';
import { setAttribute } from '../records/set-attribute';
import type { Reading, Walk, WalkPurpose } from '../records/walk';
import { proposalsFor } from '../mends/propose';
import { weakSpots } from '../mends/spots';
import { begun } from '../tests/begun';
import { stopsOf } from '../walk/stops';
import { allBays } from './find';
import { framesOf } from './frame';
import type { Place } from './place';
import type { ShapeId } from './shapes';

const pens: readonly ShapeId[] = ['a-frame', 'deck', 'hoop', 'low-box'];

const asked = (place: Place, purpose: WalkPurpose) =>
  stopsOf(applyReadings(place, []), { purpose }, '2026-06-01').stops.flatMap((it) => it.questions);

test.each(pens)('%s: moved on, it is walked round once, in some six readings', (shape) => {
  const after = asked(begun(shape), 'moved');
  expect(after.length).toBeLessThanOrEqual(7);
  expect(after.map(({ attribute }) => attribute)).toEqual(
    expect.arrayContaining(['ground.gap', 'ground.gapLifted', 'ground.pegs', 'check.heads']),
  );
});

test.each(pens)('%s: its weight, its pegs and its ground are asked once in any walk', (shape) => {
  const all = asked(begun(shape), 'full');
  for (const once of ['ground.weight', 'ground.pegs', 'ground.soil'] as const) {
    expect(all.filter(({ attribute }) => attribute === once)).toHaveLength(1);
  }
});

test('what stands fast has nothing to walk round after a move', () => {
  const place = begun('side-by-side');
  expect(framesOf(place).size).toBe(0);
  expect(asked(place, 'moved').filter(({ bay }) => bay !== undefined)).toEqual([]);
});

const reading = (item: string, attribute: Reading['attribute'], mm: number): Reading => ({
  ...{
    id: `${item} ${attribute}`,
    item,
    attribute,
    value: { is: mm },
    how: 'measured',
    at: `2026-06-01T10:0${mm % 10}:00Z`,
  },
});

const walk = (purpose: WalkPurpose, ...readings: Reading[]): Walk => ({
  ...{ id: purpose, placeId: 'p', kind: 'lap', date: '2026-06-01', ended: true },
  ...{ purpose, readings },
});

test('what is read at the first wall of a frame stands for all of them, save where another was read itself', () => {
  const place = begun('hoop');
  const [first, second] = [...framesOf(place).keys()];
  if (!first || !second) throw new Error('a hoop pen has four walls');
  const gaps = (purpose: WalkPurpose, ...readings: Reading[]) =>
    allBays(applyReadings(place, [walk(purpose, ...readings)]).place)
      .filter(({ bay }) => framesOf(place).has(bay.id))
      .map(({ bay: { ground } }) => ground?.gap);
  const once = gaps('moved', reading(first, 'ground.gap', 12));
  expect(once.length).toBeGreaterThan(2);
  for (const it of once) expect(it).toEqual({ is: 12 });
  // On a full walk each wall has its own gap.
  const own = gaps('full', reading(first, 'ground.gap', 12));
  expect(own.filter((it) => it && 'is' in it)).toHaveLength(1);
  const both = gaps('moved', reading(second, 'ground.gap', 31), reading(first, 'ground.gap', 12));
  expect(both).toContainEqual({ is: 31 });
  const weight = applyReadings(place, [walk('full', reading(first, 'ground.weight', 24))]).place;
  for (const { bay } of allBays(weight).filter(({ bay: it }) => framesOf(place).has(it.id))) {
    expect(bay.ground?.weight).toEqual({ is: 24 });
  }
});

// Common practice: a pen that is moved takes nothing with it that is bedded, let in or buried.
test.each(pens)('%s: its mends are those that travel with it', (shape) => {
  const place = begun(shape);
  const dug = [...framesOf(place).keys()].reduce(
    (it, id) =>
      setAttribute(
        setAttribute(setAttribute(it, id, 'skirt.outward', { is: 0 }), id, 'skirt.depth', {
          is: 0,
        }),
        ...([id, 'ground.gap', { is: 90 }] as const),
      ),
    { ...place, setting: { ...place.setting, lives: ['red-fox', 'european-badger'] } } as Place,
  );
  const offered = new Set(
    allBays(dug)
      .flatMap(({ bay }) => weakSpots(dug, bay))
      .flatMap((weak) => proposalsFor(weak))
      .map(({ mend }) => mend.kind),
  );
  const staysBehind = [
    ...['apron-out', 'skirt-down', 'skirt-and-foot', 'slabs-along', 'kerb-along', 'sill-apron'],
    'floor-mesh',
  ];
  for (const kind of staysBehind) {
    expect(mendKinds).toContain(kind);
    expect([...offered]).not.toContain(kind);
  }
  expect([...offered]).toEqual(expect.arrayContaining(['frame-down']));
});
