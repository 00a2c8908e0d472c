/** A backup there and back, and what is no backup. */
import { QueryClient } from '@tanstack/react-query';
import { samphireYard } from '../../demo/samphire-yard';
import { firstShop } from '@/core/mends/shopping/shop';
import { backupText, largestBackup, openAnyFile, TooLarge } from './backup';
import { exportText, keepPlace } from './keep-place';
import type { Photo } from './photo-record';
import * as photos from './photos';
import { loadPhotos, writePhoto } from './photos';
import { loadYard, type Yard } from './records';
import { revisionKey, storage } from './storage';

/** Stands for the browser: what begins with "no" cannot be drawn, everything else comes back as it was. */
jest.mock('./draw-picture', () => {
  class NoPicture extends Error {}
  return {
    NoPicture,
    drawn: (data: string) =>
      data.includes(',no')
        ? Promise.reject(new NoPicture('cannot be drawn'))
        : Promise.resolve({ width: 4, height: 3, data }),
  };
});

const { place, walks, mends, sightings } = samphireYard;
const yard: Yard = {
  place,
  walks,
  mends,
  sightings,
  shop: {
    ...firstShop(place),
    allowance: 5,
    offcuts: [{ id: 'o', material: 'welded-13', length: 1234, width: 600 }],
    purchases: [{ id: 'p', date: '2026-11-20', mends: [], cents: 1250, cuttings: [] }],
  },
};

const photo = (id: string, size = 4): Photo => ({
  id,
  placeId: place.id,
  item: 'n2',
  date: '2026-11-20',
  at: `2026-11-20T10:00:0${id.length % 10}Z`,
  width: 4,
  height: 3,
  data: `data:image/jpeg;base64,${'A'.repeat(size)}`,
});

let client: QueryClient;

beforeEach(async () => {
  await storage.clear();
  client = new QueryClient();
});

async function everything(): Promise<Record<string, string | null>> {
  const keys = await storage.getAllKeys();
  // Each write has another revision.
  return storage.getMany(keys.filter((key) => key !== revisionKey).sort());
}

test('a photo in a backup that is no picture is refused, and nothing is changed', async () => {
  await keepPlace(client, yard);
  await writePhoto({ ...photo('x'), data: 'data:image/jpeg;base64,nothing' });
  const text = await backupText(yard);
  const before = await everything();
  expect(await openAnyFile(client, text)).toMatchObject({
    problem: 'wrong-shape',
    path: 'photos[0]',
  });
  expect(await everything()).toEqual(before);
});

test('comes back as it was, 50 MB of photos too', async () => {
  await keepPlace(client, yard);
  for (let count = 1; count <= 10; count += 1)
    await writePhoto(photo('x'.repeat(count), 5_000_000));
  const before = await everything();
  const text = await backupText(yard);
  expect(text.length).toBeGreaterThan(50_000_000);
  await storage.clear();
  expect(await openAnyFile(client, text)).toEqual({ unread: [] });
  expect(await everything()).toEqual(before);
  expect(await loadYard()).toEqual(yard);
});

test('more photos than can be opened again are not written, and that is said before', async () => {
  await keepPlace(client, yard);
  // As long as it would be, without the memory it would take.
  const endless = { length: largestBackup } as unknown as string;
  jest.spyOn(photos, 'loadPhotos').mockResolvedValueOnce([{ ...photo('x'), data: endless }]);
  await expect(backupText(yard)).rejects.toBeInstanceOf(TooLarge);
});

test('takes the place of what is there: later photos go, earlier ones come back', async () => {
  await keepPlace(client, yard);
  await writePhoto(photo('a'));
  const text = await backupText(yard);
  await writePhoto(photo('bb'));
  await openAnyFile(client, text);
  expect((await loadPhotos(place.id)).map(({ id }) => id)).toEqual(['a']);
});

test('a place file alone leaves the photos that are kept', async () => {
  await keepPlace(client, yard);
  await writePhoto(photo('a'));
  expect(await openAnyFile(client, exportText(yard))).toEqual({ unread: [] });
  expect((await loadPhotos(place.id)).map(({ id }) => id)).toEqual(['a']);
});

describe('what cannot be read changes nothing', () => {
  const damaged: readonly (readonly [string, (text: string) => string, object])[] = [
    ['cut short', (text) => text.slice(0, -40), { problem: 'not-json' }],
    [
      'of a newer version',
      (text) => text.replace('"version":1,', '"version":2,'),
      { problem: 'newer-version' },
    ],
    [
      'of no version',
      (text) => text.replace('"version":1,', '"version":0,'),
      { problem: 'wrong-shape', path: 'version' },
    ],
    [
      'with a field nobody knows',
      (text) => text.replace('{"format"', '{"more":1,"format"'),
      { problem: 'wrong-shape', path: 'more' },
    ],
    [
      'without photos',
      (text) => text.replace(/"photos":\[.*\]\}/s, '"photos":{}}'),
      { problem: 'wrong-shape', path: 'photos' },
    ],
    [
      'with a photo that is a script',
      (text) => text.replace('data:image/jpeg;base64,', 'data:text/html;base64,'),
      { problem: 'wrong-shape', path: 'photos[0]' },
    ],
    [
      'with a photo of another place',
      (text) => text.replace(/("photos":\[\{"id":"a","placeId":")[^"]*/, '$1other'),
      { problem: 'wrong-shape', path: 'photos[0]' },
    ],
    [
      'with another file inside',
      (text) => text.replace('"rookle-place"', '"something"'),
      { problem: 'not-a-place' },
    ],
  ];

  test.each(damaged)('%s', async (_name, damage, problem) => {
    await keepPlace(client, yard);
    await writePhoto(photo('a'));
    const text = damage(await backupText(yard));
    const before = await everything();
    expect(await openAnyFile(client, text)).toMatchObject(problem);
    expect(await everything()).toEqual(before);
  });
});
