/** Which walls a mend of a whole zone is joined to. */
import type { Place } from '../place/place';
import { setAttribute } from '../records/set-attribute';
import { begun } from '../tests/begun';
import { wallsFor } from './weak-zone';

const floored = (place: Place, floor: string): Place =>
  setAttribute(place, 'house-front-1', 'ground.floor', { is: floor });
const walls = (place: Place, zone: string, kind: 'dig' | 'top'): string[] => {
  const own = place.zones.find(({ id }) => id === zone);
  if (!own) throw new Error(`no ${zone}`);
  return wallsFor(place, own, kind).map(({ id }) => id);
};

test('mesh under a run joins its outer walls, under a house on earth all of its own', () => {
  const earth = floored(begun('run-round'), 'none');
  expect(walls(earth, 'house', 'dig').sort()).toEqual([
    'house-back-1',
    'house-front-1',
    'house-left-1',
    'house-right-1',
  ]);
  const run = walls(earth, 'run', 'dig');
  expect(run.length).toBeGreaterThan(4);
  expect(run.every((id) => id.startsWith('run-'))).toBe(true);
});

test('on boards or slabs there is nothing to lay mesh under', () => {
  for (const floor of ['solid-board', 'masonry']) {
    expect(walls(floored(begun('run-round'), floor), 'house', 'dig')).toEqual([]);
  }
});

test('a roof ends the free top edges of a zone’s outer walls, and of no wall within', () => {
  const place = begun('run-round');
  const open: Place = {
    ...place,
    faces: place.faces.map((face) => ({
      ...face,
      bays: face.bays.map((bay) => ({ ...bay, top: { kind: 'open' } as const })),
    })),
  };
  expect(walls(place, 'run', 'top')).toEqual([]);
  expect(walls(open, 'run', 'top')).toEqual(walls(open, 'run', 'dig'));
  expect(walls(open, 'house', 'top')).toEqual([]);
});
