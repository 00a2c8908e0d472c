import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Place } from '../place/place';
import { judge } from '../score/judge';
import { formatVersion } from './place-file';
import { readPlaceFile } from './read-place-file';

const saved = (name: string) => readFileSync(join(__dirname, '../tests/saved', name), 'utf8');

test('a file of version 1 opens as it was meant', () => {
  const read = readPlaceFile(saved('place-1.json'));
  if ('problem' in read) throw new Error(JSON.stringify(read));
  const { version, place, sightings } = read.file;
  expect(version).toBe(formatVersion);
  expect(sightings).toEqual([]);
  expect(place.setting).toEqual({ region: 'gb', lives: ['red-fox', 'norway-rat'], near: [] });
  // A strand's height was a plain number then.
  expect(place.faces[0]?.bays[0]?.strands).toEqual([
    { id: 's1-wire', height: { is: 152 }, standOff: { is: 200 } },
  ]);
  expect(judge(place, []).marks.get('s1')).toBe('unread');
});

test('what an older version would not have read either is still refused in a sentence', () => {
  const damaged = saved('place-1.json').replace('"height": 152', '"height": "152"');
  expect(readPlaceFile(damaged)).toMatchObject({ problem: 'wrong-shape' });
});

test.each([0, 1.5, -1, 99, '1', null])('version %p is none of ours', (version) => {
  const file = { ...(JSON.parse(saved('place-1.json')) as object), version };
  expect('problem' in readPlaceFile(JSON.stringify(file))).toBe(true);
});

test('a file of version 2 opens as it was meant', () => {
  const { place } = JSON.parse(saved('place-2.json')) as { place: Place };
  const read = readPlaceFile(saved('place-2.json'));
  if ('problem' in read) throw new Error(JSON.stringify(read));
  const { faces: _faces, ...rest } = place;
  expect(read.file).toMatchObject({ version: formatVersion, place: rest });
  // It described one wall of four, and no roof: the rest is there, unread.
  expect(read.file.place.faces.slice(0, place.faces.length)).toEqual(place.faces);
  expect(read.file.place.faces.length).toBeGreaterThan(place.faces.length);
});

test('an older file says what has newly become unread: its doors, and what it does not describe', () => {
  const names = (file: string) => {
    const read = readPlaceFile(saved(file));
    return 'problem' in read ? read.problem : read.unread;
  };
  expect(names('place-5.json')).toEqual(['gate', 'nest lid', 'pop door']);
  expect(names('place-2.json')).toContain('run roof');
});

test('a file of version 3 opens as it was meant: its walks were whole ones', () => {
  const before = JSON.parse(saved('place-3.json')) as { place: unknown; walks: unknown };
  expect(readPlaceFile(saved('place-3.json'))).toMatchObject({
    file: { version: formatVersion, place: before.place, walks: before.walks },
  });
});

test('a file of version 7 opens as it was meant: in use for one stretch of the year', () => {
  const now = readPlaceFile(saved('place-5.json'));
  if ('problem' in now) throw new Error(now.problem);
  const zones = now.file.place.zones.map((zone) => ({
    ...zone,
    inUse: { from: '11-01', to: '02-28' },
  }));
  const before = { ...now.file, version: 7, place: { ...now.file.place, zones } };
  const read = readPlaceFile(JSON.stringify(before));
  if ('problem' in read) throw new Error(read.problem);
  for (const zone of read.file.place.zones) {
    expect(zone.inUse).toEqual([{ from: '11-01', to: '02-28' }]);
  }
});

test('a file of version 4 opens as it was meant', () => {
  const { place, walks, mends } = JSON.parse(saved('place-4.json')) as Record<string, unknown>;
  expect(readPlaceFile(saved('place-4.json'))).toMatchObject({
    file: { version: formatVersion, place, walks, mends },
  });
});

test('a file of version 5 opens as it was meant: nothing had been bought', () => {
  const { place, walks, mends } = JSON.parse(saved('place-5.json')) as Record<string, unknown>;
  const read = readPlaceFile(saved('place-5.json'));
  expect(read).toMatchObject({ file: { version: formatVersion, place, walks, mends } });
  expect('file' in read && read.file.shop).toBeUndefined();
});
