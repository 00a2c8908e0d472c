import {
  drawThumbs,
  loadPhoto,
  loadPhotos,
  loadThumbs,
  putBackPhoto,
  removePhoto,
  writePhotos,
  type Photo,
} from './photos';
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

/** Stands for the browser: what begins with "no" cannot be drawn, and what is made smaller says how wide. */
jest.mock('./draw-picture', () => {
  class NoPicture extends Error {}
  return {
    NoPicture,
    drawn: (data: string, width?: number) =>
      data.includes(',no')
        ? Promise.reject(new NoPicture('cannot be drawn'))
        : Promise.resolve({ width: 4, height: 3, data: width ? `${data}${width}` : data }),
  };
});

beforeEach(() => storage.clear());

describe('small pictures', () => {
  const wide = { width: 1280, height: 960 };
  const all = [
    { ...photo('a', '2026-11-20T10:00:00Z'), ...wide },
    { ...photo('b', '2026-11-21T10:00:00Z'), ...wide, item: 's1' },
    photo('c', '2026-11-22T10:00:00Z'),
    { ...photo('d', '2026-11-23T10:00:00Z'), data: 'data:image/jpeg;base64,nothing' },
  ];

  it('are drawn once of each, and read for the items asked for alone', async () => {
    await writePhotos(all);
    expect(await loadThumbs('yard', ['n2'])).toEqual({ thumbs: [], inPlace: 4 });
    expect(await drawThumbs('yard')).toBe(3);
    expect(await drawThumbs('yard')).toBe(0);
    const { thumbs, inPlace } = await loadThumbs('yard', ['n2']);
    expect(thumbs.map(({ id, data }) => [id, data.slice(-3)])).toEqual([
      ['a', '320'],
      ['c', 'AAA'],
    ]);
    expect(inPlace).toBe(4);
    expect(await loadPhoto({ placeId: 'yard', id: 'a' })).toEqual(all[0]);
  });

  it('500 photos: a screen reads its own', async () => {
    const many = Array.from({ length: 500 }, (_, index) => ({
      ...photo(`p${index}`, '2026-11-20T10:00:00Z'),
      item: index < 3 ? 'n2' : 's1',
    }));
    await writePhotos(many);
    await drawThumbs('yard');
    const read = jest.spyOn(storage, 'getMany');
    expect((await loadThumbs('yard', ['n2'])).thumbs).toHaveLength(3);
    expect(read.mock.calls.flatMap(([keys]) => keys)).toHaveLength(3);
    read.mockRestore();
  });

  it('go and come back with their photo', async () => {
    await writePhotos(all.slice(0, 1));
    await drawThumbs('yard');
    const before = await storage.getMany(await keysOfPlace('yard'));
    const removed = await removePhoto(all[0] as Photo);
    expect(await keysOfPlace('yard')).toEqual([]);
    await putBackPhoto(removed);
    expect(await storage.getMany(await keysOfPlace('yard'))).toEqual(before);
  });

  it('without its photo none is shown', async () => {
    await writePhotos(all.slice(0, 1));
    await drawThumbs('yard');
    await storage.removeItem('photo/yard/a');
    expect(await loadThumbs('yard', ['n2'])).toEqual({ thumbs: [], inPlace: 0 });
  });
});

it('keeps photos apart by place, oldest first, and takes one away', async () => {
  const [late, early] = [
    photo('a', '2026-11-26T10:00:00Z'),
    photo('b', '2026-11-20T10:00:00Z'),
  ] as const;
  await writePhotos([late]);
  await writePhotos([early]);
  await writePhotos([{ ...late, id: 'c', placeId: 'other' }]);
  expect(await loadPhotos('yard')).toEqual([early, late]);
  await removePhoto(early);
  expect(await loadPhotos('yard')).toEqual([late]);
});

it('goes with its place', async () => {
  await writePhotos([photo('a', '2026-11-26T10:00:00Z')]);
  expect(await keysOfPlace('yard')).toEqual(['photo/yard/a']);
});

it('leaves out a record that is no picture, and leaves it where it is', async () => {
  const bad = { ...photo('a', '2026-11-26T10:00:00Z'), data: 'javascript:alert(1)' };
  await writePhotos([bad]);
  const good = photo('b', '2026-11-20T10:00:00Z');
  await writePhotos([good]);
  expect(await loadPhotos('yard')).toEqual([good]);
  expect(await storage.getAllKeys()).toContain('photo/yard/a');
});
