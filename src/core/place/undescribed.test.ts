import { samphireYard } from '../../../demo/samphire-yard';
import { tamarackBank } from '../../../demo/tamarack-bank';
import { readPlaceFile } from '../formats/read-place-file';
import { judge } from '../score/judge';
import { begun } from '../tests/begun';
import { penPlace } from '../tests/one-pen';
import type { Face, Place } from './place';
import { shapeIds } from './shapes';
import { withUndescribed } from './undescribed';

test.each(shapeIds)('a place begun as %s describes all that it has', (shape) => {
  const place = begun(shape);
  expect(withUndescribed(place)).toBe(place);
});

test('so do the demo places', () => {
  for (const { place } of [samphireYard, tamarackBank]) {
    expect(withUndescribed(place)).toBe(place);
  }
});

const pen = penPlace(['red-fox', 'stoat', 'goshawk'], { mesh: 'welded-13' });
const without = (gone: (face: Face) => boolean): Place => ({
  ...pen,
  faces: pen.faces.filter((face) => !gone(face)),
});
const opened = (place: Place): Place => {
  const read = readPlaceFile(
    JSON.stringify({
      format: 'rookle-place',
      version: 8,
      place,
      walks: [],
      mends: [],
      sightings: [],
    }),
  );
  if ('problem' in read) throw new Error(JSON.stringify(read));
  return read.file.place;
};

test.each([
  ['a wall', ({ id }: Face) => id === 'north-wall'],
  ['every wall', ({ kind }: Face) => kind === 'wall'],
  ['the roof', ({ kind }: Face) => kind === 'roof'],
] as const)('%s left out of a file is unread: it may stand open', (_name, gone) => {
  const whole = judge(opened(pen), []);
  expect([whole.hold.best, whole.hold.worst]).toEqual([100, 100]);
  const { hold, stops } = judge(opened(without(gone)), []);
  expect(hold.best).toBe(100);
  expect(hold.worst).toBeLessThan(10);
  expect(stops.unread).toBeGreaterThan(whole.stops.unread);
});

test('a gap in the lap is one bay that nobody has described, as wide as what is missing', () => {
  const short: Place = {
    ...pen,
    faces: pen.faces.map((face) =>
      face.id === 'north-wall'
        ? { ...face, bays: face.bays.map((bay) => ({ ...bay, width: 1100 })) }
        : face,
    ),
  };
  const added = opened(short).faces.slice(short.faces.length);
  expect(added.flatMap(({ bays }) => bays.map(({ width }) => width))).toEqual([900]);
});

test('a run’s wall that says nothing of its ground may have any gap under it', () => {
  const bare: Place = {
    ...pen,
    faces: pen.faces.map((face) => ({
      ...face,
      bays: face.bays.map(({ ground: _ground, ...bay }) => bay),
    })),
  };
  expect(judge(opened(bare), []).hold.worst).toBeLessThan(10);
});

test('every bay that is put there has an id of its own, whatever is left out', () => {
  const { faces } = samphireYard.place;
  for (const gone of faces) {
    const all = opened({ ...samphireYard.place, faces: faces.filter((face) => face !== gone) });
    const ids = all.faces.flatMap(({ id, bays }) => [id, ...bays.map((bay) => bay.id)]);
    expect(new Set(ids).size).toBe(ids.length);
    expect(judge(all, []).stops.all).toBeGreaterThan(0);
  }
  const bare = opened({ ...samphireYard.place, faces: [] });
  const names = bare.faces.flatMap(({ bays }) => bays.map(({ name }) => name));
  expect(names.filter((name) => name === 'hut roof')).toHaveLength(1);
});

test('what is put there once is put there once', () => {
  const once = opened(without(({ kind }) => kind === 'roof'));
  expect(opened(once)).toEqual(once);
});

test('walls joined to a roof that is not there end in the open, once one of them does', () => {
  const roofless = without(({ kind }) => kind === 'roof');
  const half: Place = {
    ...roofless,
    faces: roofless.faces.map((face) =>
      face.id === 'north-wall'
        ? { ...face, bays: face.bays.map((bay) => ({ ...bay, top: { kind: 'open' } })) }
        : face,
    ),
  };
  const tops = (place: Place) => place.faces.flatMap(({ bays }) => bays.map(({ top }) => top.kind));
  expect(tops(opened(half))).toEqual(['open', 'open', 'open', 'open']);
  // With a roof it is as it was said; without any open wall the roof is asked for.
  expect(tops(opened({ ...half, faces: [...half.faces, ...pen.faces.filter(isRoof)] }))).toEqual([
    'roof',
    'open',
    'roof',
    'roof',
    'roof',
  ]);
  expect(opened(roofless).faces).toHaveLength(5);
});

const isRoof = ({ kind }: Face): boolean => kind === 'roof';
