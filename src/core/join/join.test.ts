import type { PlaceRecords } from '../formats/place-file';
import { firstShop } from '../mends/shopping/shop';
import type { Place } from '../place/place';
import type { Keeper, Version } from '../place/versions';
import type { Gone } from '../records/gone';
import type { Mend } from '../records/mend';
import type { LogEntry } from '../records/sighting';
import type { Reading, Walk } from '../records/walk';
import { aMend } from '../tests/a-mend';
import { begun } from '../tests/begun';
import { canonical } from './canonical';
import { join } from './join';

const place = begun('shed');
const nothing: PlaceRecords = { place, walks: [], mends: [], sightings: [] };

const reading = (id: string, at: string, is = 5): Reading => ({
  id,
  item: 'run-front-1',
  attribute: 'ground.gap',
  at: `2026-11-20T${at}:00Z`,
  how: 'measured',
  value: { is },
});

const walk = (id: string, readings: readonly Reading[], more: Partial<Walk> = {}): Walk => ({
  ...{ id, placeId: place.id, date: '2026-11-20', kind: 'lap', ended: false },
  readings,
  ...more,
});

/** In the states named, an hour apart from ten o’clock on. */
const mend = (states: readonly Mend['state'][], at: string, by: string): Mend => ({
  ...aMend('sill-board', 'run-front-1', {
    history: states.map((state, hour) => ({ state, at: `2026-11-20T1${hour}:00:00Z` })),
    state: states.at(-1) ?? 'planned',
  }),
  placeId: place.id,
  written: { at, by },
});

describe('what came with the other file is counted', () => {
  test('walks, and readings of walks that are here already', () => {
    const [a, b, c] = [reading('a', '09:00'), reading('b', '10:00'), reading('c', '08:00')];
    const here = { ...nothing, walks: [walk('one', [a])] };
    const there = { ...nothing, walks: [walk('one', [a, b], { ended: true }), walk('two', [c])] };
    const { records, came } = join(here, there);
    expect(came).toMatchObject({ walks: 1, readings: 2, mends: 0, entries: 0, gone: 0, parts: [] });
    expect(records.walks.map(({ id, ended }) => [id, ended])).toEqual([
      ['one', true],
      ['two', false],
    ]);
  });

  test('a mend that says something else there, not one that says the same in another object', () => {
    const planned = mend(['planned'], '2026-11-20T10:00:00Z', 'a');
    const bought = mend(['planned', 'bought'], '2026-11-20T11:00:00Z', 'b');
    const here = { ...nothing, mends: [planned] };
    expect(join(here, { ...nothing, mends: [bought] }).came.mends).toBe(1);
    expect(join(here, { ...nothing, mends: [{ ...planned }] }).came.mends).toBe(0);
  });

  test('what was seen, there alone; and goes once it was taken away', () => {
    const storm: LogEntry = {
      ...{ id: 'storm', placeId: place.id, date: '2026-11-20' },
      ...{ what: 'weather', weather: 'storm' },
    };
    const told = { ...nothing, sightings: [storm] };
    expect(join(nothing, told).came).toMatchObject({ entries: 1, gone: 0 });
    expect(join(told, nothing).came).toMatchObject({ entries: 0, gone: 0 });
    const away: Gone = {
      ...{ placeId: place.id, of: 'entry', id: storm.id },
      ...{ at: '2026-11-21T10:00:00Z', by: 'b' },
    };
    const taken = join(told, { ...nothing, gone: [away] });
    expect([taken.came.gone, taken.records.sightings]).toEqual([1, []]);
  });

  test('prices and ticks; and what goes since it was taken away there', () => {
    const planned = mend(['planned'], '2026-11-20T10:00:00Z', 'a');
    const gone: Gone = {
      ...{ placeId: place.id, of: 'mend', id: planned.id },
      ...{ at: '2026-11-21T10:00:00Z', by: 'b' },
    };
    const here = { ...nothing, mends: [planned], shop: { ...firstShop(place), ticked: ['x'] } };
    const there = { ...nothing, gone: [gone], shop: { ...firstShop(place), ticked: ['x', 'y'] } };
    const { records, came } = join(here, there);
    expect(came).toMatchObject({ mends: 0, prices: 1, purchases: 0, gone: 1 });
    expect(records.mends).toEqual([]);
    expect(records.shop?.ticked).toEqual(['x', 'y']);
    // Brought back since, it is there again.
    const back = { ...gone, at: '2026-11-22T10:00:00Z', back: true } satisfies Gone;
    expect(join(here, { ...there, gone: [back] }).records.mends).toEqual([planned]);
  });
});

test('lines of both stand in the order of their time, whichever file was opened where', () => {
  const [early, late] = [reading('z', '08:00'), reading('a', '11:00')];
  const here = { ...nothing, walks: [walk('one', [late])] };
  const there = { ...nothing, walks: [walk('one', [early])] };
  for (const { records } of [join(here, there), join(there, here)])
    expect(records.walks[0]?.readings.map(({ id }) => id)).toEqual(['z', 'a']);

  const done = mend(['planned', 'bought', 'done'], '2026-11-20T12:00:00Z', 'b');
  const bought = mend(['planned', 'bought'], '2026-11-20T11:00:00Z', 'a');
  for (const [one, other] of [
    [done, bought],
    [bought, done],
  ] as const) {
    const { records } = join({ ...nothing, mends: [one] }, { ...nothing, mends: [other] });
    expect(records.mends[0]?.state).toBe('done');
    expect(records.mends[0]?.history.map(({ state }) => state)).toEqual([
      'planned',
      'bought',
      'done',
    ]);
  }
});

describe('a part of the place', () => {
  const changed = (name: string, phones: Readonly<Record<string, number>>, day = 20): Place => ({
    ...place,
    name,
    versions: Object.entries(phones).map(([phone, changes]): Version => ({
      ...{ part: 'name', phone, changes },
      at: `2026-11-${day}T10:00:00Z`,
    })),
  });
  const joined = (here: Place, there: Place) =>
    join({ ...nothing, place: here }, { ...nothing, place: there });

  test('that was changed with the other state at hand stands, and is named where it came from there', () => {
    const { records, came, clashes } = joined(
      changed('Old', { a: 1 }),
      changed('New', { a: 1, b: 1 }, 21),
    );
    expect([records.place.name, came.parts, clashes]).toEqual(['New', ['name'], []]);
    const other = joined(changed('New', { a: 1, b: 1 }, 21), changed('Old', { a: 1 }));
    expect([other.records.place.name, other.came.parts, other.clashes]).toEqual(['New', [], []]);
  });

  test('changed on both is for the keeper, unless both say the same', () => {
    const [here, there] = [changed('Hers', { a: 1 }), changed('His', { b: 1 }, 21)];
    expect(joined(here, there)).toMatchObject({ clashes: ['name'], came: { parts: ['name'] } });
    const same = joined(here, { ...there, name: 'Hers' });
    expect([same.clashes, same.came.parts]).toEqual([[], []]);
    const { records } = join(
      { ...nothing, place: here },
      { ...nothing, place: there },
      { name: 'here' },
    );
    expect(records.place.name).toBe('Hers');
  });

  test('of one phone the name that was said last stands', () => {
    const keeper = (name: string, day: number): Keeper => ({
      ...{ phone: 'a', name },
      at: `2026-11-${day}T10:00:00Z`,
    });
    const kept = (by: Keeper): Place => ({ ...place, keepers: [by] });
    const [first, last] = [kept(keeper('Ann', 20)), kept(keeper('Anna', 21))];
    expect(joined(first, last).records.place.keepers).toEqual([keeper('Anna', 21)]);
    expect(joined(last, first).records.place.keepers).toEqual([keeper('Anna', 21)]);
  });
});

test('two places are not joined', () => {
  expect(() => join(nothing, { ...nothing, place: { ...place, id: 'another' } })).toThrow(
    'two places cannot be joined',
  );
});

test('one text for all that says the same: names in order, nothing said left out, lists as they stand', () => {
  expect(canonical({ b: 1, a: [2, { d: undefined, c: null }] })).toBe('{"a":[2,{"c":null}],"b":1}');
  expect(canonical([1, 2])).not.toBe(canonical([2, 1]));
  expect(canonical(['a'])).not.toBe(canonical({ 0: 'a' }));
});
