import { loadPhotos, removePhoto, writePhoto, type Photo } from './photos';
import { keysOfPlace } from './records';
import { storage } from './storage';

const photo = (id: string, at: string): Photo => ({
  id,
  placeId: 'yard',
  item: 'n2',
  date: at.slice(0, 10),
  at,
  width: 4,
  height: 3,
  data: 'data:image/jpeg;base64,AAAA',
});

beforeEach(() => storage.clear());

it('keeps photos apart by place, oldest first, and takes one away', async () => {
  const [late, early] = [
    photo('a', '2026-11-26T10:00:00Z'),
    photo('b', '2026-11-20T10:00:00Z'),
  ] as const;
  await writePhoto(late);
  await writePhoto(early);
  await writePhoto({ ...late, id: 'c', placeId: 'other' });
  expect(await loadPhotos('yard')).toEqual([early, late]);
  await removePhoto(early);
  expect(await loadPhotos('yard')).toEqual([late]);
});

it('goes with its place', async () => {
  await writePhoto(photo('a', '2026-11-26T10:00:00Z'));
  expect(await keysOfPlace('yard')).toEqual(['photo/yard/a']);
});

it('leaves out a record that is no picture, and leaves it where it is', async () => {
  const bad = { ...photo('a', '2026-11-26T10:00:00Z'), data: 'javascript:alert(1)' };
  await writePhoto(bad);
  const good = photo('b', '2026-11-20T10:00:00Z');
  await writePhoto(good);
  expect(await loadPhotos('yard')).toEqual([good]);
  expect(await storage.getAllKeys()).toContain('photo/yard/a');
});
