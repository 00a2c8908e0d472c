import type { Group } from '../place/place';
import { penPlace, type Pen } from '../tests/one-pen';
import { judge } from './judge';
import { waysOut } from './gets-out';

const birds = (kind: Group['kind']): Group[] => [{ id: 'birds', kind, count: 6, sleeps: 'run' }];

const outOf = (kind: Group['kind'], pen: Pen) =>
  waysOut({ ...penPlace([], pen), flock: birds(kind) }).map(({ bay, clear, isDoor }) => [
    bay.id,
    clear,
    isDoor,
  ]);

test('chicks go out where grown hens do not; fine mesh to the knee keeps them', () => {
  const wide: Pen = { mesh: 'stock-panel', clear: 60 };
  expect(outOf('chicks', wide).map(([id]) => id)).toEqual(['west', 'north', 'east', 'south']);
  expect(outOf('grown', wide)).toEqual([]);
  expect(outOf('chicks', { mesh: 'welded-13', upperMesh: 'stock-panel', fineTo: 600 })).toEqual([]);
});

test('under the edge go ducks and hens as well, where it is high enough', () => {
  expect(outOf('ducks', { mesh: 'welded-13', gap: 110 }).length).toBe(4);
  expect(outOf('ducks', { mesh: 'welded-13', gap: 60 })).toEqual([]);
});

test('by a hole, and through or round a gate that is shut, as by anything else', () => {
  const fine: Pen = { mesh: 'welded-13' };
  const gate = (more: NonNullable<Pen['door']>): Pen => ({ ...fine, door: more });
  const latches = ['clip'] as const;
  expect(outOf('grown', { ...fine, hole: 90 })).toEqual([]);
  expect(outOf('grown', { ...fine, hole: 120 }).length).toBe(4);
  expect(outOf('bantam', gate({ latches, cover: 'welded-50x100' }))).toEqual([]);
  expect(outOf('bantam', gate({ latches, cover: 'none' }))).toEqual([['west', 800, false]]);
  expect(outOf('bantam', gate({ latches, gap: 85 }))).toEqual([['west', 85, false]]);
});

test('what is unread is no way out yet, and none of it is part of the hold', () => {
  const place = { ...penPlace([], { mesh: 'welded-13', gap: 110 }), flock: birds('ducks') };
  const unread = {
    ...place,
    faces: place.faces.map((face) => ({
      ...face,
      bays: face.bays.map((bay) => ({ ...bay, ground: {} })),
    })),
  };
  expect(waysOut(unread)).toEqual([]);
  expect(judge(place, []).hold.best).toBeNull();
});
