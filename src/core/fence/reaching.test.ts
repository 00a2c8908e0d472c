/** What a described line changes in the judgement: bay by bay, by today's ground, beyond a handle that is off. */
import type { Bay, Fence, FenceLine, Opening, Place } from '../place/place';
import { bounds, is, type PossibleAmount } from '../place/possible';
import { judge } from '../score/judge';
import { describedFence, moistCase, pathOf } from '../tests/fenced';
import { penPlace } from '../tests/one-pen';
import { grounds } from '../tables/fence-ground';
import type { Touching } from '../tables/shocking';
import { believedLine, withReaching } from './reaching';
import { withLine } from './with-line';

const fenced = (fence: Partial<Fence> = {}, line: Partial<FenceLine> = {}): Place => ({
  ...penPlace(['red-fox'], { mesh: 'welded-25', wires: [[150, 150]], kilovolts: 6 }),
  fence: { ...describedFence(line), ...fence },
});

const reachingOf = (place: Place) =>
  withLine(place).faces.flatMap(({ kind, bays }) =>
    kind === 'wall' ? bays.map(({ reaching }: Bay) => reaching) : [],
  );

test('a line that nobody has described is judged by what was read at its far end, as before', () => {
  const place = penPlace(['red-fox'], { wires: [[150, 150]], kilovolts: 6 });
  expect(withReaching(place)).toBe(place);
});

test('a sound line, read at both ends, gives every bay what was read', () => {
  for (const reaching of reachingOf(fenced({ near: is(6.5), volts: is(6.4) }))) {
    const { from, to } = { from: NaN, to: NaN, ...reaching };
    const value = reaching && 'is' in reaching ? reaching.is : (from + to) / 2;
    expect(value).toBeGreaterThan(6);
    expect(value).toBeLessThanOrEqual(6.5);
  }
});

test('volts that nobody has read are not believed: from nothing to what is worked out', () => {
  for (const reaching of reachingOf(fenced({}))) {
    expect(reaching).toMatchObject({ from: 0 });
    expect(reaching && 'to' in reaching && reaching.to).toBeGreaterThan(5);
  }
});

test('dry ground keeps the current from the paws; an earthed wire beside it does not care', () => {
  const read = { near: is(6.5), volts: is(6.4) };
  const value = (fence: Partial<Fence>, line: Partial<FenceLine> = {}) => {
    const [first] = reachingOf(fenced({ ...read, ...fence }, line));
    return first && 'is' in first ? first.is : NaN;
  };
  expect(value({ ground: is('dry') })).toBeLessThan(2.5);
  expect(value({ ground: is('frozen') })).toBeLessThan(3.5);
  expect(value({ ground: is('dry') }, { back: 'earth-wire' })).toBeGreaterThan(4.5);
});

test('a flat battery gives nothing anywhere', () => {
  const flat = reachingOf(fenced({ near: is(6.5), volts: is(6.4), battery: is('flat') }));
  expect(new Set(flat.map((it) => JSON.stringify(it)))).toEqual(new Set(['{"is":0}']));
});

/** Both ends of what reaches an animal in the first bay. */
function endsOf(fence: Partial<Fence>): readonly [number, number] {
  const [first] = reachingOf(fenced({ near: is(6.5), volts: is(6.4), ...fence }));
  return first ? bounds(first, [NaN, NaN]) : [NaN, NaN];
}

test('what is half known of ground, energizer or battery spans all that each of it would give', () => {
  const span = (all: readonly (readonly [number, number])[]) => [
    Math.min(...all.map(([low]) => low)),
    Math.max(...all.map(([, high]) => high)),
  ];
  for (const some of [['wet', 'frozen'], ['moist', 'dry'], grounds] as const) {
    const each = some.map((it) => endsOf({ ground: is(it) }));
    expect(endsOf({ ground: { oneOf: [...some] } })).toEqual(span(each));
  }
  expect(endsOf({ ground: { any: true } })).toEqual(endsOf({ ground: { oneOf: [...grounds] } }));
  expect(endsOf({ open: { from: 7, to: 7 } })).toEqual(endsOf({ open: is(7) }));
  expect(endsOf({ battery: { oneOf: ['low', 'flat'] } })).toEqual([0, endsOf({})[1]]);
});

test('volts read between two figures span, in every bay, what either of them would give', () => {
  for (const [low, high] of [
    [0, 4],
    [3.2, 6.4],
    [6.4, 6.4],
  ] as const) {
    for (const read of [
      (it: PossibleAmount) => ({ volts: it }),
      (it: PossibleAmount) => ({ near: it }),
    ]) {
      const span = reachingOf(fenced(read({ from: low, to: high })));
      const ends = [low, high].map((it) => reachingOf(fenced(read(is(it)))));
      span.forEach((it, bay) => {
        const [least, most] = ends.map((end) => bounds(end[bay] ?? is(NaN), [NaN, NaN]));
        expect(it && bounds(it, [NaN, NaN])).toEqual([least?.[0], most?.[1]]);
      });
    }
  }
});

/** With a door in one wall, its handle as told. */
function withDoor(hooked: 'yes' | 'no'): Place {
  const place = penPlace(['red-fox'], {
    mesh: 'welded-25',
    wires: [[150, 150]],
    door: { latches: ['padlock'] },
  });
  const faces = place.faces.map((face) => ({
    ...face,
    bays: face.bays.map((bay) => ({
      ...bay,
      openings: bay.openings.map((it): Opening => ({
        ...it,
        crossed: is('yes'),
        lineBy: 'handle',
        hooked: is(hooked),
      })),
    })),
  }));
  const door = faces.flatMap(({ bays }) => bays).find(({ openings }) => openings.length > 0);
  const walls = faces.filter(({ kind }) => kind === 'wall').flatMap(({ bays }) => bays);
  const feedsAt = walls[walls.findIndex((bay) => bay === door) + 1]?.id ?? walls[0]?.id;
  return {
    ...place,
    faces,
    fence: { ...describedFence({ ...(feedsAt && { feedsAt }) }), near: is(6.5), volts: is(6.4) },
  };
}

test('a handle that is off leaves what is beyond it dead, and its door uncovered', () => {
  const [on, off] = (['yes', 'no'] as const).map((hooked) => withDoor(hooked));
  if (!on || !off) throw new Error('two places');
  const dead = (place: Place) =>
    reachingOf(place).filter((it) => it && 'is' in it && it.is === 0).length;
  expect(dead(on)).toBe(0);
  expect(dead(off)).toBeGreaterThanOrEqual(1);
  const hold = (place: Place) =>
    judge(withLine(place), [], { scenario: 'night-shut' }).hold.worst ?? NaN;
  expect(hold(off)).toBeLessThanOrEqual(hold(on));
});

test('what was read lies between what was read nearer and beyond', () => {
  const path = pathOf({ bays: 10, round: 15, read: { 4: 4.2 } });
  const fence = { ...describedFence({ wire: 'polywire-3' }), near: is(6), volts: is(3) };
  const volts = believedLine(path, fence, moistCase).map((it) => it.volts);
  expect(volts[4]).toBe(4.2);
  volts.slice(1, 4).forEach((it) => {
    expect(it).toBeGreaterThanOrEqual(4.2);
    expect(it).toBeLessThanOrEqual(6);
  });
  volts.slice(5).forEach((it) => {
    expect(it).toBeGreaterThanOrEqual(3);
    expect(it).toBeLessThanOrEqual(4.2);
  });
});

test('on a ring no bay has more than both readings to its sides', () => {
  const touched: Record<number, Touching> = { 5: 'mesh' };
  const path = pathOf({ bays: 12, round: 18, shape: 'ring', read: { 2: 3, 7: 2 }, touched });
  const volts = believedLine(path, describedFence({ shape: 'ring' }), moistCase).map(
    (it) => it.volts,
  );
  volts.slice(2, 8).forEach((it) => expect(it).toBeLessThanOrEqual(3));
  expect(volts[7]).toBe(2);
});
