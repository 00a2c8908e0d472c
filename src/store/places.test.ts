import { QueryClient } from '@tanstack/react-query';
import { samphireYard } from '../../demo/samphire-yard';
import { changeYard, redo, undo } from './change-yard';
import { exportText, keepPlace } from './keep-place';
import {
  bringBack,
  duplicatePlace,
  listPlaces,
  removeForGood,
  removePlace,
  switchPlace,
} from './places';
import { loadYard, type Yard } from './records';
import { storage, writeAll } from './storage';
import { unstamped } from './tests/unstamped';

const { place, walks, mends, sightings } = samphireYard;
const yard: Yard = { place, walks, mends, sightings };
const other: Yard = {
  place: { ...place, id: 'other', name: '<script>alert(1)</script> 🐓 حظيرة' },
  walks: [],
  mends: [],
  sightings: [],
};

let client: QueryClient;

beforeEach(async () => {
  await storage.clear();
  client = new QueryClient();
});

test('several places are kept, one is open; demo scenes are marked', async () => {
  await keepPlace(client, yard);
  await writeAll({ 'demo/samphire-yard': 'yes' });
  await keepPlace(client, other);
  const { kept } = await listPlaces();
  expect(kept).toEqual([
    { id: 'other', name: other.place.name, isDemo: false, isOpen: true },
    { id: 'samphire-yard', name: 'Samphire Yard', isDemo: true, isOpen: false },
  ]);
  await switchPlace(client, 'samphire-yard');
  expect(await loadYard()).toEqual(yard);
});

test('a copy is a place of its own, readings and all; what is changed in it leaves the original', async () => {
  await keepPlace(client, yard);
  await duplicatePlace(client, yard, 'copy-1');
  const copy = await loadYard();
  expect(copy?.place.name).toBe('Samphire Yard (copy)');
  expect(copy?.walks.map(({ placeId }) => placeId)).toEqual(walks.map(() => 'copy-1'));
  await changeYard(client, (now) => ({ place: { ...now.place, name: 'Mine' } }));
  await switchPlace(client, 'samphire-yard');
  expect(await loadYard()).toEqual(yard);
});

test('a place taken away comes back byte for byte, until it is removed for good', async () => {
  await keepPlace(client, yard);
  const before = exportText(yard);
  await removePlace(client, 'samphire-yard');
  expect(await loadYard()).toBeNull();
  expect(await listPlaces()).toEqual({
    kept: [],
    removed: [
      { key: 'removed/samphire-yard', name: 'Samphire Yard', at: expect.any(String) as string },
    ],
  });
  await bringBack(client, 'removed/samphire-yard');
  expect(exportText((await loadYard()) ?? other)).toBe(before);
  await removePlace(client, 'samphire-yard');
  await removeForGood(client, 'removed/samphire-yard');
  expect(await listPlaces()).toEqual({ kept: [], removed: [] });
});

test('taken away, opened from its file again and taken away again: both can be brought back', async () => {
  await keepPlace(client, yard);
  await changeYard(client, (now) => ({ place: { ...now.place, name: 'First' } }));
  await removePlace(client, 'samphire-yard');
  await keepPlace(client, { ...yard, walks: [] });
  await removePlace(client, 'samphire-yard');
  const names = async () => (await listPlaces()).removed.map(({ name }) => name);
  const bring = async (name: string) => {
    const one = (await listPlaces()).removed.find((it) => it.name === name);
    await bringBack(client, one?.key ?? '');
  };
  expect(await names()).toEqual(['First', 'Samphire Yard']);
  await bring('First');
  expect((await loadYard())?.place.name).toBe('First');
  // The other of the same id: they change places, and nothing is lost.
  await bring('Samphire Yard');
  expect(await loadYard()).toEqual({ ...yard, walks: [] });
  expect(await names()).toEqual(['First']);
});

test('taking away writes next to nothing, and for good gives the room back', async () => {
  await keepPlace(client, yard);
  const size = async () => JSON.stringify(await storage.getMany(await storage.getAllKeys())).length;
  const before = await size();
  await removePlace(client, 'samphire-yard');
  expect((await size()) - before).toBeLessThan(200);
  await removeForGood(client, 'removed/samphire-yard');
  expect(await size()).toBeLessThan(200);
});

describe('undo', () => {
  const rename = (name: string) => (now: Yard) => ({ place: { ...now.place, name } });

  test('takes changes back one by one, and does them again', async () => {
    await keepPlace(client, yard);
    await changeYard(client, rename('A'), 'name');
    await changeYard(client, rename('B'), 'units');
    expect(await undo(client)).toBe('units');
    expect((await loadYard())?.place.name).toBe('A');
    expect(await undo(client)).toBe('name');
    expect(unstamped((await loadYard()) ?? yard)).toEqual(yard);
    expect(await undo(client)).toBeUndefined();
    await redo(client);
    expect(await redo(client)).toBe('units');
    expect((await loadYard())?.place.name).toBe('B');
  });

  test('a walk that was begun is gone again, one that was added to is as it was', async () => {
    await keepPlace(client, yard);
    const begun = { ...(walks[0] as Yard['walks'][number]), id: 'new' };
    await changeYard(client, () => ({ walks: [begun] }), 'beginning-the-walk');
    const [first] = walks;
    await changeYard(
      client,
      () => ({ walks: first ? [{ ...first, readings: [] }] : [] }),
      'reading',
    );
    await undo(client);
    await undo(client);
    expect(unstamped((await loadYard()) ?? other)).toEqual(yard);
  });

  test('a new change ends what could be done again', async () => {
    await keepPlace(client, yard);
    await changeYard(client, rename('A'), 'name');
    await undo(client);
    await changeYard(client, rename('C'), 'region');
    expect(await redo(client)).toBeUndefined();
    expect((await loadYard())?.place.name).toBe('C');
  });

  test('what another tab has changed since is left alone', async () => {
    await keepPlace(client, yard);
    await changeYard(client, rename('A'), 'name');
    await changeYard(client, rename('theirs'));
    await expect(undo(client)).rejects.toThrow('changed since');
    expect((await loadYard())?.place.name).toBe('theirs');
  });
});
