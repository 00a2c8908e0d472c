import { setRoof } from '@/core/place/edit/zones';
import { applyReadings } from '@/core/records/apply-readings';
import { countedIds } from '@/core/tests/new-ids';
import type { Place } from '@/core/place/place';
import type { MeshId } from '@/core/tables/meshes';
import { samphireYard } from '../../../demo/samphire-yard';
import { tamarackBank } from '../../../demo/tamarack-bank';
import { sitePlanLayout } from './site-plan-layout';
import { roofKindOf } from './site-plan-zones';

const found = (it: typeof samphireYard): Place => applyReadings(it.place, it.walks).place;
const roofed = (mesh: MeshId) => setRoof(samphireYard.place, 'run', [{ is: mesh }], countedIds());

test.each([
  ['hex-25', 'netting'],
  ['deer-netting', 'netting'],
  ['welded-25', 'mesh'],
  ['chain-link', 'mesh'],
  ['sheet', 'sheet'],
  ['canvas', 'sheet'],
] as const)('a roof of %s is drawn as %s', (mesh, kind) => {
  expect(roofKindOf(roofed(mesh), 'run')).toBe(kind);
});

test('no roof is open, one nobody looked at says so', () => {
  expect(roofKindOf(setRoof(samphireYard.place, 'run', 'open', countedIds()), 'run')).toBe('open');
  expect(roofKindOf(setRoof(samphireYard.place, 'run', [{ any: true }], countedIds()), 'run')).toBe(
    'unread',
  );
});

test('the second demo place: aprons reach outward as wide as they are, a strand goes round, doors are there', () => {
  const { walls, scale, zones } = sitePlanLayout(found(tamarackBank), 390, 360);
  const orchard = walls.filter(({ bay }) => bay.startsWith('orchard'));
  expect(orchard.length).toBeGreaterThan(0);
  for (const wall of orchard) {
    // A foot of 10 in, turned out.
    expect(wall.apron).toBeCloseTo(254 * scale, 3);
    expect(wall.buried).toBe(true);
    expect(wall.hasStrand).toBe(true);
  }
  expect(walls.filter(({ bay }) => bay.startsWith('lane')).every(({ apron }) => apron === 0)).toBe(
    true,
  );
  expect(walls.flatMap(({ doors }) => doors.map(({ kind }) => kind)).sort()).toEqual([
    'door',
    'gate',
    'hatch',
    'nest-lid',
    'vent',
  ]);
  expect(zones.map(({ id, birds }) => [id, birds])).toEqual(
    expect.arrayContaining([
      ['house', 14],
      ['hoop', 6],
    ]),
  );
});
