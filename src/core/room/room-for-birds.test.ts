/**
 * Room a bird beside two schools. Their figures are recalled from memory (see tables/room.ts); what a mesh leaves open is worked out by the
 * square of clear opening over pitch, three of them as given there.
 */
import fc from 'fast-check';
import { samphireYard } from '../../../demo/samphire-yard';
import { is } from '../place/possible';
import type { Group, Place, Zone } from '../place/place';
import type { BirdKind } from '../tables/bird-kinds';
import { judge } from '../score/judge';
import type { MeshId } from '../tables/meshes';
import { randomPlace } from '../tests/random-place';
import { roomForBirds, roomLost, type Room } from './room-for-birds';

const today = '2026-11-26';
const hens = (count: number, kind: BirdKind = 'grown'): Group[] => [
  { id: 'hens', kind, count, sleeps: 'house' },
];

/** The demo's hut, 1.4 by 1.2 m, and its run, with so many birds and so much inside. */
function kept(
  flock: readonly Group[],
  inside: Partial<Zone> = {},
  mesh: MeshId | 'none' = 'none',
): Place {
  const { place } = samphireYard;
  return {
    ...place,
    flock,
    zones: place.zones.map((zone) => (zone.id === 'house' ? { ...zone, ...inside } : zone)),
    faces: place.faces.map((face) => ({
      ...face,
      bays: face.bays.map((bay) => ({
        ...bay,
        openings: bay.openings.map((it) =>
          it.kind === 'vent'
            ? { ...it, cover: it.cover?.map((layer) => ({ ...layer, mesh: is(mesh) })) }
            : it,
        ) as typeof bay.openings,
      })),
    })),
  };
}

const of = (place: Place, kind: Room['kind']): Room => {
  const room = roomForBirds(place, today).find((it) => it.kind === kind);
  if (!room) throw new Error(`nothing of ${kind}`);
  return room;
};

test('floor and run are shared by all: 1.68 m² of hut and 19.88 m² of run', () => {
  expect(of(kept(hens(6)), 'floor')).toMatchObject({ each: expect.closeTo(0.28), is: 'enough' });
  expect(of(kept(hens(7)), 'floor')).toMatchObject({ each: expect.closeTo(0.24), is: 'for-some' });
  // Nine to a square metre, and one more.
  expect(of(kept(hens(15)), 'floor').is).toBe('for-some');
  expect(of(kept(hens(16)), 'floor').is).toBe('short');
  expect(of(kept(hens(10)), 'run').each).toBeCloseTo(1.988);
  // By eight square feet a bird it is enough, by four square metres not.
  expect(of(kept(hens(10)), 'run').is).toBe('for-some');
});

test('a bantam counts for less, a nest is a nest; ducks and chicks need neither perch nor nest', () => {
  expect(of(kept(hens(10, 'bantam')), 'floor').each).toBeCloseTo(0.28);
  expect(of(kept(hens(10, 'bantam'), { nests: 2 }), 'nests')).toMatchObject({
    each: 0.2,
    is: 'enough',
  });
  expect(roomForBirds(kept(hens(10, 'ducks')), today).map(({ kind }) => kind)).toEqual([
    'run',
    'floor',
    'vents',
  ]);
});

test('perches and nests are not known until somebody says', () => {
  expect(of(kept(hens(6)), 'perch').is).toBe('unsaid');
  expect(of(kept(hens(6), { perch: 1218 }), 'perch')).toMatchObject({ each: 203, is: 'enough' });
  expect(of(kept(hens(6), { perch: 900 }), 'perch').is).toBe('for-some');
  expect(of(kept(hens(6), { perch: 899 }), 'perch').is).toBe('short');
  expect(of(kept(hens(7), { nests: 1 }), 'nests').is).toBe('for-some');
  expect(of(kept(hens(8), { nests: 1 }), 'nests').is).toBe('short');
});

test.each<[MeshId | 'none', number]>([
  ['none', 1],
  ['welded-13', 0.84],
  ['welded-6', 0.8],
  ['solid-board', 0],
])('%s leaves a vent open by %d', (mesh, share) => {
  // 0.6 by 0.15 m over 1.68 m².
  expect(of(kept(hens(6), {}, mesh), 'vents').each).toBeCloseTo((0.09 / 1.68) * share, 2);
});

test('what makes it worse is named; what was enough and still is, is not', () => {
  const six = roomForBirds(kept(hens(6), { perch: 1500 }, 'welded-13'), today);
  const seven = roomForBirds(kept(hens(7), { perch: 1500 }, 'welded-13'), today);
  expect(roomLost(six, seven).map(({ kind }) => kind)).toEqual(['floor']);
  const boarded = roomForBirds(kept(hens(6), { perch: 1500 }, 'solid-board'), today);
  expect(roomLost(six, boarded).map(({ kind }) => kind)).toEqual(['vents']);
  expect(roomLost(six, six)).toEqual([]);
});

test('more birds never have more room each, and none of it moves the hold', () => {
  fc.assert(
    fc.property(
      randomPlace('all'),
      fc.integer({ min: 1, max: 50 }),
      fc.nat(20_000),
      (place, more, perch) => {
        const fuller = {
          ...place,
          flock: place.flock.map((it) => ({ ...it, count: it.count + more })),
        };
        const [before, after] = [roomForBirds(place, today), roomForBirds(fuller, today)];
        for (const room of before) {
          const same = after.find((it) => it.zone.id === room.zone.id && it.kind === room.kind);
          if (room.each !== undefined) expect(same?.each).toBeLessThanOrEqual(room.each);
        }
        const furnished = {
          ...place,
          zones: place.zones.map((it) => ({ ...it, perch, nests: more })),
        };
        expect(judge(furnished, []).hold).toEqual(judge(place, []).hold);
      },
    ),
    { numRuns: 40 },
  );
});
