/** A backup there and back, and what is no backup. */
import { QueryClient } from '@tanstack/react-query';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { samphireYard } from '../../demo/samphire-yard';
import { firstShop } from '@/core/mends/shopping/shop';
import { largestFile } from '@/core/formats/place-file';
import { backupFile, largestBackup, openAnyFile, TooLarge } from './backup';
import { exportText, keepPlace } from './keep-place';
import type { Photo } from './photo-record';
import { drawThumbs, loadPhotos, writePhotos } from './photos';
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

// What is fetched when asked for is there at once.
jest.mock('./zipper', () => ({ zipper: async () => jest.requireActual('./zip') }));

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

const at = new Date(2026, 10, 26, 12);

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
  await writePhotos([{ ...photo('x'), data: 'data:image/jpeg;base64,nothings' }]);
  const file = await backupFile(yard, at);
  const before = await everything();
  expect(await openAnyFile(client, file)).toMatchObject({
    problem: 'wrong-shape',
    path: 'photos[0]',
  });
  expect(await everything()).toEqual(before);
});

test('comes back as it was, photos too', async () => {
  await keepPlace(client, yard);
  for (let count = 1; count <= 10; count += 1)
    await writePhotos([photo('x'.repeat(count), 70_000)]);
  const before = await everything();
  const file = await backupFile(yard, at);
  expect(file.length).toBeGreaterThan(500_000);
  await storage.clear();
  expect(await openAnyFile(client, file)).toEqual({ unread: [] });
  expect(await everything()).toEqual(before);
  expect(await loadYard()).toEqual(yard);
});

test('anybody can look into it: the place file as it is, photos as pictures by their day', async () => {
  await keepPlace(client, yard);
  await writePhotos([photo('a'), photo('bb')]);
  const file = await backupFile(yard, at);
  const files = unzipSync(file);
  expect(Object.keys(files)).toEqual([
    'place.json',
    'photos.json',
    'photos/2026-11-20-001.jpg',
    'photos/2026-11-20-002.jpg',
  ]);
  expect(strFromU8(files['place.json'] as Uint8Array)).toBe(exportText(yard));
  expect(await backupFile(yard, at)).toEqual(file);
});

test('more photos than can be opened again are not written', async () => {
  await keepPlace(client, yard);
  await writePhotos([photo('a', 400), photo('bb', 400)]);
  await expect(backupFile(yard, at, largestFile + 500)).rejects.toBeInstanceOf(TooLarge);
  await expect(backupFile(yard, at, largestFile + 600)).resolves.toBeDefined();
});

test('takes the place of what is there: later photos go, earlier ones come back', async () => {
  await keepPlace(client, yard);
  await writePhotos([photo('a')]);
  const file = await backupFile(yard, at);
  await writePhotos([photo('bb')]);
  await openAnyFile(client, file);
  expect((await loadPhotos(place.id)).map(({ id }) => id)).toEqual(['a']);
});

test('opened again with the same photos, nothing is put aside', async () => {
  await keepPlace(client, yard);
  await writePhotos([photo('a')]);
  await drawThumbs(place.id);
  const before = await everything();
  await openAnyFile(client, await backupFile(yard, at), 'put-aside');
  expect(await everything()).toEqual(before);
});

test('a place file alone leaves the photos that are kept', async () => {
  await keepPlace(client, yard);
  await writePhotos([photo('a')]);
  await openAnyFile(client, strToU8(exportText(yard)));
  expect((await loadPhotos(place.id)).map(({ id }) => id)).toEqual(['a']);
});

/** As a backup was before it was an archive. */
async function oldBackup(): Promise<string> {
  const photos = JSON.stringify(await loadPhotos(place.id));
  return `{"format":"rookle-backup","version":1,"file":${exportText(yard).trim()},"photos":${photos}}\n`;
}

test('one of version 1 still opens', async () => {
  await keepPlace(client, yard);
  await writePhotos([photo('a'), photo('bb')]);
  const before = await everything();
  const text = await oldBackup();
  await storage.clear();
  expect(await openAnyFile(client, strToU8(`\uFEFF${text}`))).toEqual({ unread: [] });
  expect(await everything()).toEqual(before);
});

describe('what cannot be read changes nothing', () => {
  const old: readonly (readonly [string, (text: string) => string, object])[] = [
    ['cut short', (text) => text.slice(0, -40), { problem: 'not-json' }],
    [
      'of a newer version',
      (text) => text.replace('"version":1,', '"version":3,'),
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

  test.each(old)('of version 1, %s', async (_name, damage, problem) => {
    await keepPlace(client, yard);
    await writePhotos([photo('a')]);
    const text = damage(await oldBackup());
    const before = await everything();
    expect(await openAnyFile(client, strToU8(text))).toMatchObject(problem);
    expect(await everything()).toEqual(before);
  });

  type Archive = Record<string, Uint8Array>;
  const first = 'photos/2026-11-20-001.jpg';
  const edited = (files: Archive, name: string, from: RegExp, to: string): Archive => ({
    ...files,
    [name]: strToU8(strFromU8(files[name] as Uint8Array).replace(from, to)),
  });
  const without = (files: Archive, name: string): Archive =>
    Object.fromEntries(Object.entries(files).filter(([it]) => it !== name));
  const archives: readonly (readonly [string, (files: Archive) => Archive, object])[] = [
    [
      'of a newer version',
      (files) => edited(files, 'photos.json', /"version": 2/, '"version": 3'),
      { problem: 'newer-version', version: 3 },
    ],
    [
      'with a list of another shape',
      (files) => edited(files, 'photos.json', /"width": 4/, '"width": "4"'),
      { problem: 'wrong-shape', path: 'photos[0].width' },
    ],
    [
      'with a list cut short',
      (files) => edited(files, 'photos.json', /\]/, ''),
      { problem: 'not-json' },
    ],
    [
      'with a photo of another place',
      (files) => edited(files, 'photos.json', /"placeId": "[^"]*"/, '"placeId": "other"'),
      { problem: 'wrong-shape', path: 'photos[0]' },
    ],
    [
      'without its photo',
      (files) => without(files, first),
      { problem: 'wrong-shape', path: 'photos[0]' },
    ],
    ['without its place', (files) => without(files, 'place.json'), { problem: 'not-a-backup' }],
    [
      'with a file that nobody listed',
      (files) => ({ ...files, 'photos/more.jpg': strToU8('x') }),
      { problem: 'wrong-shape', path: 'photos/more.jpg' },
    ],
    [
      'with another file as its place',
      (files) => edited(files, 'place.json', /"rookle-place"/, '"something"'),
      { problem: 'not-a-place' },
    ],
  ];

  test.each(archives)('%s', async (_name, damage, problem) => {
    await keepPlace(client, yard);
    await writePhotos([photo('a')]);
    const file = zipSync(damage(unzipSync(await backupFile(yard, at))));
    const before = await everything();
    expect(await openAnyFile(client, file)).toMatchObject(problem);
    expect(await everything()).toEqual(before);
  });

  test('an archive that is cut short, or begins like one', async () => {
    await keepPlace(client, yard);
    const file = await backupFile(yard, at);
    const before = await everything();
    for (const cut of [file.slice(0, -30), file.slice(0, 3000), strToU8('PK')])
      expect(await openAnyFile(client, cut)).toEqual({ problem: 'not-zip' });
    expect(await everything()).toEqual(before);
  });

  test('an archive that would unpack to more than there may be: said before it is unpacked', async () => {
    const bomb = zipSync({ 'place.json': strToU8('{}') });
    // What its list says of the size: APPNOTE 4.3.12, central directory header, 24 bytes in.
    const view = new DataView(bomb.buffer);
    let list = 0;
    while (view.getUint32(list, true) !== 0x02014b50) list += 1;
    view.setUint32(list + 24, largestBackup + 1, true);
    expect(await openAnyFile(client, bomb)).toMatchObject({ problem: 'too-large' });
  });
});
