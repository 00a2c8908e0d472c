import fc from 'fast-check';
import { QueryClient } from '@tanstack/react-query';
import { samphireYard } from '../../demo/samphire-yard';
import { writePlaceFile, type PlaceRecords } from '@/core/formats/place-file';
import { readPlaceFile } from '@/core/formats/read-place-file';
import { canonical } from '@/core/join/canonical';
import { join } from '@/core/join/join';
import { changeYard, undo } from './change-yard';
import { laid, type Changes } from './changes';
import { joinFile, joinedChanges } from './join-file';
import { keepPlace } from './keep-place';
import { loadYard, type Yard } from './records';
import { stamped } from './stamped';
import { storage } from './storage';
import { afterAll as after, histories } from './tests/histories';
import { often } from '@/core/tests/often';

const start: Yard = {
  place: samphireYard.place,
  walks: [],
  mends: [],
  sightings: [],
};

/** What a state says, in whatever order it came. */
const said = ({ place, walks, mends, sightings, shop, gone = [] }: PlaceRecords): string =>
  canonical([
    place,
    ...[walks, mends, sightings, gone].map(inOrder),
    shop && Object.fromEntries(Object.entries(shop).map(([key, it]) => [key, inOrder(it)])),
  ]);

const inOrder = (all: unknown): unknown =>
  Array.isArray(all) ? all.toSorted((a, b) => (canonical(a) < canonical(b) ? -1 : 1)) : all;

/** Told apart without printing two whole places. */
const isSame = (a: PlaceRecords, b: PlaceRecords): boolean => said(a) === said(b);

const joined = (a: PlaceRecords, b: PlaceRecords): PlaceRecords => join(a, b).records;

describe('whatever two or three keepers did on phones of their own', () => {
  test('it does not matter whose file is opened where', () => {
    fc.assert(
      fc.property(histories(2), (done) => {
        const [a, b] = after(start, 2, done) as [Yard, Yard];
        expect(isSame(joined(a, b), joined(b, a))).toBe(true);
      }),
      { numRuns: often(150) },
    );
  });

  test('nor in which order three are', () => {
    fc.assert(
      fc.property(histories(3), (done) => {
        const [a, b, c] = after(start, 3, done) as [Yard, Yard, Yard];
        expect(isSame(joined(joined(a, b), c), joined(a, joined(b, c)))).toBe(true);
      }),
      { numRuns: often(150) },
    );
  });

  test('nor how often', () => {
    fc.assert(
      fc.property(histories(2), (done) => {
        const [a, b] = after(start, 2, done) as [Yard, Yard];
        const once = joined(a, b);
        expect(isSame(joined(once, b), once)).toBe(true);
        expect(isSame(joined(once, a), once)).toBe(true);
        expect(isSame(joined(a, a), a)).toBe(true);
      }),
      { numRuns: often(150) },
    );
  });

  test('what nobody took away is there, what somebody took away last is not', () => {
    fc.assert(
      fc.property(histories(2), (done) => {
        const [a, b] = after(start, 2, done) as [Yard, Yard];
        const { walks, mends, sightings } = joined(a, b);
        const kept = new Set([...walks, ...mends, ...sightings].map(({ id }) => id));
        const marks = [...(a.gone ?? []), ...(b.gone ?? [])];
        for (const yard of [a, b]) {
          for (const { id } of [...yard.walks, ...yard.mends, ...yard.sightings]) {
            if (!marks.some((it) => it.id === id)) expect(kept).toContain(id);
          }
        }
        for (const { id, of } of marks) {
          if (!['walk', 'mend', 'entry'].includes(of)) continue;
          const its = marks.filter((it) => it.id === id && it.of === of);
          if (its.every(({ back }) => !back)) expect(kept).not.toContain(id);
        }
      }),
      { numRuns: often(150) },
    );
  });

  test('what is joined can be written, and read again as it was', () => {
    fc.assert(
      fc.property(histories(2), (done) => {
        const [a, b] = after(start, 2, done) as [Yard, Yard];
        const text = writePlaceFile(joined(a, b));
        const read = readPlaceFile(text);
        expect('problem' in read ? read : writePlaceFile(read.file)).toBe(text);
      }),
      { numRuns: 50 },
    );
  });
});

describe('a part of the place that was changed', () => {
  const stamp = (phone: string, hour: number) => ({
    now: new Date(Date.UTC(2026, 4, 1, hour)).toISOString(),
    phone,
  });
  const rename = (name: string) => (yard: Yard) => ({ place: { ...yard.place, name } });
  const birds = (count: number) => (yard: Yard) => ({
    place: { ...yard.place, flock: yard.place.flock.map((it) => ({ ...it, count })) },
  });
  const changed = (yard: Yard, change: (yard: Yard) => Changes, by: ReturnType<typeof stamp>) =>
    laid(yard, stamped(yard, change(yard), by));

  test('on one phone only is taken as it is there, whatever the clocks say', () => {
    const theirs = changed(start, rename('Theirs'), stamp('b', 1));
    const mine = changed(start, birds(3), stamp('a', 9));
    const { records, clashes } = join(mine, theirs);
    expect(records.place.name).toBe('Theirs');
    expect(records.place.flock[0]?.count).toBe(3);
    expect(clashes).toEqual([]);
  });

  test('on both is for the keeper to choose, and the choice stands on the other phone without being asked', () => {
    const mine = changed(start, rename('Mine'), stamp('a', 2));
    const theirs = changed(start, rename('Theirs'), stamp('b', 3));
    expect(join(mine, theirs).clashes).toEqual(['name']);
    const { changes } = joinedChanges(mine, theirs, { name: 'here' }, stamp('a', 4));
    const chosen = laid(mine, changes);
    expect(chosen.place.name).toBe('Mine');
    const there = join(theirs, chosen);
    expect(there.clashes).toEqual([]);
    expect(there.records.place.name).toBe('Mine');
  });

  test('with the other’s at hand stands, though the clock was a year behind', () => {
    const theirs = changed(start, rename('Theirs'), stamp('b', 20));
    const seen = laid(start, joinedChanges(start, theirs, {}, stamp('a', 1)).changes);
    const mine = changed(seen, rename('Mine'), stamp('a', -9000));
    expect(join(mine, theirs)).toMatchObject({ clashes: [], records: { place: { name: 'Mine' } } });
    expect(join(theirs, mine)).toMatchObject({ clashes: [], records: { place: { name: 'Mine' } } });
  });

  test('birds whose house the other keeper took away sleep outside until it is said', () => {
    const house = start.place.zones.find(({ kind }) => kind === 'house')?.id ?? '';
    const without = (yard: Yard) => ({
      place: {
        ...yard.place,
        zones: yard.place.zones.filter(({ id }) => id !== house),
        faces: yard.place.faces.filter(({ between }) => !between.includes(house)),
        flock: yard.place.flock.map((it) => ({ ...it, sleeps: 'run', days: 'run' })),
      },
    });
    const theirs = changed(changed(start, without, stamp('b', 1)), birds(4), stamp('b', 2));
    const mine = changed(start, birds(5), stamp('a', 3));
    const { changes } = joinedChanges(mine, theirs, { flock: 'here' }, stamp('a', 4));
    const after = laid(mine, changes);
    expect(after.place.flock.map(({ sleeps }) => sleeps)).not.toContain(house);
    expect('problem' in readPlaceFile(writePlaceFile(after))).toBe(false);
  });
});

describe('in the browser’s store', () => {
  let client: QueryClient;
  beforeEach(async () => {
    await storage.clear();
    client = new QueryClient();
  });

  const entry = (id: string, nights: number): Yard['sightings'][number] => ({
    id,
    placeId: start.place.id,
    date: '2026-05-01',
    what: 'quiet-camera',
    nights,
  });
  const stored = async () => (await loadYard()) as Yard;

  test('it is one step, and taken back whole; joined again, it is all there again', async () => {
    await keepPlace(client, start);
    await changeYard(client, () => ({ sightings: [entry('mine', 1)] }), 'entry-of-the-log');
    const before = await stored();
    const theirs = { ...start, sightings: [entry('theirs', 2)] };
    const file = { format: 'rookle-place', version: 12, ...theirs } as const;
    expect(await joinFile(client, file, {})).toMatchObject({ entries: 1, walks: 0, gone: 0 });
    expect((await stored()).sightings.map(({ id }) => id).sort()).toEqual(['mine', 'theirs']);
    expect(await undo(client)).toBe('joining-a-file');
    expect(isSame(await stored(), before)).toBe(true);
    await joinFile(client, file, {});
    expect((await stored()).sightings).toHaveLength(2);
  });

  test('what was taken away here does not come back with an older file', async () => {
    await keepPlace(client, { ...start, sightings: [entry('one', 1), entry('two', 1)] });
    const old = await stored();
    await changeYard(
      client,
      () => ({ removedSightings: [entry('one', 1)] }),
      'taking-an-entry-out-of-the-log',
    );
    const file = { format: 'rookle-place', version: 12, ...old } as const;
    expect(await joinFile(client, file, {})).toMatchObject({ entries: 0, gone: 0 });
    expect((await stored()).sightings.map(({ id }) => id)).toEqual(['two']);
    // And goes from the other phone, once this one's file is joined there.
    const here = await stored();
    expect(join(old, here).records.sightings.map(({ id }) => id)).toEqual(['two']);
    // Brought back, it is back on both.
    await undo(client);
    expect(join(here, await stored()).records.sightings).toHaveLength(2);
  });
});
