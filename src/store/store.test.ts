import { QueryClient } from '@tanstack/react-query';
import { samphireYard } from '../../demo/samphire-yard';
import { withReading } from '@/core/walk/open-walk';
import type { Walk } from '@/core/records/walk';
import { changeYard, NoPlace, yardKey } from './change-yard';
import { exportText, isFirstVisit, keepPlace, openFile } from './open-file';
import { removePlace } from './places';
import { currentKey, loadYard, pack, Unreadable, type Yard } from './records';
import { NotSaved, removeAll, storage, writeAll } from './storage';

const yard: Yard = {
  place: samphireYard.place,
  walks: samphireYard.walks,
  mends: samphireYard.mends,
  sightings: samphireYard.sightings,
};

let client: QueryClient;

beforeEach(async () => {
  jest.restoreAllMocks();
  await storage.clear();
  client = new QueryClient();
});

function newWalk(id: string): Walk {
  return {
    id,
    placeId: yard.place.id,
    date: '2026-11-01',
    kind: 'lap',
    ended: false,
    readings: [],
  };
}

const addReading = (walkId: string, id: string) => (now: Yard) => {
  const walk = now.walks.find((it) => it.id === walkId) ?? newWalk(walkId);
  return {
    walks: [
      withReading(walk, {
        id,
        item: 'n2',
        attribute: 'ground.gap',
        at: '2026-11-01T10:00:00Z',
        how: 'measured',
        value: { is: 5 },
      }),
    ],
  };
};

test('what is kept is loaded back as it was', async () => {
  expect(await loadYard()).toBeNull();
  expect(await isFirstVisit()).toBe(true);
  await keepPlace(client, yard);
  expect(await loadYard()).toEqual(yard);
  expect(await isFirstVisit()).toBe(false);
});

test('a place, a walk and a mend each stand under a key of their own', async () => {
  await keepPlace(client, yard);
  expect((await storage.getAllKeys()).sort()).toEqual([
    'current-place',
    'place/samphire-yard',
    'revision',
    'visited',
    'walk/samphire-yard/samphire-yard-walk-1',
  ]);
});

test('a change writes only what it names', async () => {
  await keepPlace(client, yard);
  const write = jest.spyOn(storage, 'setMany');
  await changeYard(client, addReading('w', 'r1'));
  expect(write).toHaveBeenCalledTimes(1);
  expect(Object.keys(write.mock.calls[0]?.[0] ?? {})).toEqual(['walk/samphire-yard/w', 'revision']);
  expect((await loadYard())?.walks).toHaveLength(2);
});

test('it is stored before the screens hear of it', async () => {
  await keepPlace(client, yard);
  const order: string[] = [];
  jest.spyOn(storage, 'setMany').mockImplementation(async () => void order.push('stored'));
  jest.spyOn(client, 'setQueryData').mockImplementation(() => void order.push('shown'));
  await changeYard(client, addReading('w', 'r1'));
  expect(order).toEqual(['stored', 'shown']);
});

test('changes made at once lose neither', async () => {
  await keepPlace(client, yard);
  await Promise.all(['r1', 'r2', 'r3'].map((id) => changeYard(client, addReading('w', id))));
  const walk = (await loadYard())?.walks.find((it) => it.id === 'w');
  expect(walk?.readings.map(({ id }) => id)).toEqual(['r1', 'r2', 'r3']);
});

test('a write that fails says so, shows nothing new, and later changes go on', async () => {
  await keepPlace(client, yard);
  const shown = client.getQueryData(yardKey);
  jest.spyOn(storage, 'setMany').mockRejectedValueOnce({ type: 'WebStorageError', message: '' });
  await expect(changeYard(client, addReading('w', 'r1'))).rejects.toBeInstanceOf(NotSaved);
  expect(client.getQueryData(yardKey)).toBe(shown);
  expect((await loadYard())?.walks).toHaveLength(1);
  await changeYard(client, addReading('w', 'r2'));
  expect((await loadYard())?.walks).toHaveLength(2);
});

test('a change reads nothing that this tab knows, and everything that another tab has written since', async () => {
  await keepPlace(client, yard);
  await changeYard(client, addReading('w', 'r1'));
  const read = jest.spyOn(storage, 'getMany');
  await changeYard(client, addReading('w', 'r2'));
  expect(read.mock.calls.flat(2)).toEqual(['current-place', 'revision']);
  // As another tab does it: the record, and the revision that goes with every write.
  const walk = (await loadYard())?.walks.find(({ id }) => id === 'w');
  await writeAll({ 'walk/samphire-yard/w2': pack({ ...walk, id: 'w2' }) });
  const after = await changeYard(client, addReading('w', 'r3'));
  expect(after.walks.map(({ id }) => id)).toContain('w2');
  read.mockRestore();
});

test('what is taken away is not remembered', async () => {
  await keepPlace(client, yard);
  await changeYard(client, addReading('w', 'r1'));
  await removeAll(['walk/samphire-yard/w']);
  expect((await loadYard())?.walks).toEqual(yard.walks);
});

test('nothing can be changed where no place is open', async () => {
  await expect(changeYard(client, addReading('w', 'r'))).rejects.toBeInstanceOf(NoPlace);
});

test('a record nobody can read is named and left where it is', async () => {
  await keepPlace(client, yard);
  for (const damaged of [
    '{"version":99,"record":{}}',
    'half a rec',
    '{"version":1,"record":{"id":1}}',
  ]) {
    await storage.setItem('walk/samphire-yard/bad', damaged);
    await expect(loadYard()).rejects.toEqual(new Unreadable('walk/samphire-yard/bad'));
    expect(await storage.getItem('walk/samphire-yard/bad')).toBe(damaged);
  }
});

test('a bad file changes nothing', async () => {
  await keepPlace(client, yard);
  expect(await openFile(client, '{}')).toEqual({ problem: 'not-a-place' });
  expect(await loadYard()).toEqual(yard);
});

test('out, gone and back: the same bytes; another place’s records stay', async () => {
  await keepPlace(client, yard);
  await storage.setItem('place/other', 'kept');
  const text = exportText((await loadYard()) ?? yard);
  await removePlace(client, yard.place.id);
  expect((await storage.getAllKeys()).sort()).toEqual([
    'deleted/samphire-yard',
    'place/other',
    'visited',
  ]);
  expect(await loadYard()).toBeNull();
  expect(await openFile(client, text)).toEqual({ unread: [] });
  expect(exportText((await loadYard()) ?? yard)).toBe(text);
});

test('opening a place again replaces its records and leaves none of the old ones', async () => {
  await keepPlace(client, yard);
  await changeYard(client, addReading('w', 'r1'));
  await keepPlace(client, yard);
  expect(await loadYard()).toEqual(yard);
  expect(await storage.getItem(currentKey)).toBe('samphire-yard');
});
