import fc from 'fast-check';
import { QueryClient } from '@tanstack/react-query';
import { samphireYard } from '../../demo/samphire-yard';
import { withReading } from '@/core/walk/open-walk';
import { firstShop } from '@/core/mends/shopping/shop';
import type { Walk } from '@/core/records/walk';
import { changeYard, NoPlace } from './change-yard';
import { yardKey } from './show-yard';
import { exportText, isFirstVisit, keepPlace } from './keep-place';
import { openFile } from './open-file';
import { ownCopy } from './own-copy';
import { bringBack, listPlaces, removePlace, switchPlace } from './places';
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
  const walk = now.walks.find((it) => it.id === walkId) ?? {
    ...newWalk(walkId),
    placeId: now.place.id,
  };
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
  // The first change that is written here says beside it which phone this is.
  const keys = Object.keys(write.mock.calls[0]?.[0] ?? {}).filter((key) => key !== 'phone');
  expect(keys).toEqual(['walk/samphire-yard/w', 'revision']);
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

test.each([
  ['{"version":99,"record":{}}', 'newer'],
  ['half a rec', 'damaged'],
  ['{"version":1,"record":{"id":1}}', 'damaged'],
] as const)(
  'a record that cannot be read (%s) costs itself alone, and stays where it is',
  async (text, why) => {
    await keepPlace(client, yard);
    const key = 'walk/samphire-yard/bad';
    await storage.setItem(key, text);
    expect(await loadYard()).toEqual({ ...yard, damaged: [{ key, text, why }] });
    await changeYard(client, addReading('w', 'r'));
    expect(await storage.getItem(key)).toBe(text);
    expect((await loadYard())?.damaged).toEqual([{ key, text, why }]);
  },
);

test('a place whose own record cannot be read is named; every other opens', async () => {
  await keepPlace(client, yard);
  await keepPlace(client, ownCopy(yard, 'other', ' two'));
  await storage.setItem('place/other', 'half a rec');
  const damaged = { key: 'place/other', text: 'half a rec', why: 'damaged' } as const;
  await expect(loadYard()).rejects.toEqual(new Unreadable(damaged));
  await switchPlace(client, 'samphire-yard');
  expect(await loadYard()).toEqual(yard);
  expect(await storage.getItem('place/other')).toBe('half a rec');
});

test('what cannot be read is kept beside when something takes its key', async () => {
  await keepPlace(client, yard);
  await storage.setItem('shop/samphire-yard', 'half a shop');
  await changeYard(client, () => ({ shop: firstShop(yard.place) }));
  expect(await storage.getItem('damaged/shop/samphire-yard')).toBe('half a shop');
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
  expect((await listPlaces()).kept.map(({ id }) => id)).toEqual(['other']);
  expect(await loadYard()).toBeNull();
  expect(await openFile(client, text)).toEqual({ unread: [] });
  expect(await storage.getItem('place/other')).toBe('kept');
  expect(exportText((await loadYard()) ?? yard)).toBe(text);
});

test('a file of a place that is here and has changed replaces nothing: the keeper says what becomes of both', async () => {
  await keepPlace(client, yard);
  const old = exportText(yard);
  const changed = await changeYard(client, addReading('w', 'r1'));
  expect(await openFile(client, old)).toMatchObject({ isHere: { name: 'Samphire Yard' } });
  expect(await loadYard()).toEqual(changed);
  expect(await openFile(client, old, 'both')).toEqual({ unread: [] });
  expect((await loadYard())?.place.name).toBe('Samphire Yard (from a file)');
  await switchPlace(client, 'samphire-yard');
  expect(await loadYard()).toEqual(changed);
  expect(await openFile(client, old, 'put-aside')).toEqual({ unread: [] });
  expect(await loadYard()).toEqual(yard);
  const [aside] = (await listPlaces()).removed;
  await bringBack(client, aside?.key ?? '');
  expect(await loadYard()).toEqual(changed);
  // And the one that made way can be brought back as well.
  expect((await listPlaces()).removed).toHaveLength(1);
});

test('the same file again opens what is here, and puts nothing aside', async () => {
  await keepPlace(client, yard);
  expect(await openFile(client, exportText(yard))).toEqual({ unread: [] });
  expect(await loadYard()).toEqual(yard);
  expect((await listPlaces()).removed).toEqual([]);
  expect(await storage.getItem(currentKey)).toBe('samphire-yard');
});

test('property: whatever was changed before, whatever opens, all of it can still be had', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.array(fc.constantFrom('reading', 'both', 'put-aside', 'demo', 'remove', 'back'), {
        minLength: 1,
        maxLength: 7,
      }),
      async (steps) => {
        await storage.clear();
        await keepPlace(client, yard);
        const old = exportText(yard);
        let readings = 0;
        for (const step of steps) {
          const open = await loadYard();
          if (step === 'reading' && open) {
            readings += 1;
            await changeYard(client, addReading('w', `r${readings}`));
          } else if (step === 'both' || step === 'put-aside') await openFile(client, old, step);
          else if (step === 'demo') await openFile(client, old, 'put-aside');
          else if (step === 'remove' && open) await removePlace(client, open.place.id);
          else if (step === 'back') {
            const [first] = (await listPlaces()).removed;
            if (first) await bringBack(client, first.key);
          }
        }
        const everything = JSON.stringify(await storage.getMany(await storage.getAllKeys()));
        for (let nth = 1; nth <= readings; nth += 1) {
          expect(everything.replaceAll('\\', '')).toContain(`"id":"r${nth}"`);
        }
      },
    ),
    { numRuns: 15 },
  );
});
