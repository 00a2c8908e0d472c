/** A clear opening is that of the mesh it was measured in, not of what has been put in its place since. */
import fc from 'fast-check';
import { findItem } from '../place/find';
import { any, is } from '../place/possible';
import { meshIds } from '../tables/meshes';
import { penPlace } from '../tests/one-pen';
import { applyReadings, attributeKey } from './apply-readings';
import { setAttribute } from './set-attribute';
import type { ReadingValue, Walk } from './walk';

const layer = 'north-low-1';

/** Netting of two inches, measured as so many mm, or not. */
const pen = (clear?: number) =>
  penPlace(['stoat'], { mesh: 'hex-50', ...(clear !== undefined && { clear }) });

type Said = readonly [attribute: 'layer.mesh' | 'layer.clear' | 'layer.wire', value: ReadingValue];

const walk = (date: string, ...said: readonly Said[]): Walk => ({
  id: date,
  placeId: 'pen',
  date,
  kind: 'lap',
  ended: true,
  readings: said.map(([attribute, value], at) => ({
    id: `${date}-${at}`,
    item: layer,
    attribute,
    value,
    how: 'measured',
    at: `${date}T10:${String(at).padStart(2, '0')}:00Z`,
  })),
});

const clearOf = (place: ReturnType<typeof pen>, ...walks: readonly Walk[]) =>
  layerOf(place, walks)?.clear;

function layerOf(place: ReturnType<typeof pen>, walks: readonly Walk[]) {
  const { place: found } = applyReadings(place, walks);
  const it = findItem(found, layer);
  const layers = it?.bay.bands.flatMap((band) => band.layers);
  return layers?.find(({ id }) => id === layer);
}

const measured = walk('2026-03-01', ['layer.mesh', is('hex-50')], ['layer.clear', is(45)]);
const replaced = walk('2026-05-01', ['layer.mesh', is('welded-13')]);

test('of mesh that was replaced, told by a walk, nothing measured is kept', () => {
  expect(clearOf(pen(), measured)).toEqual(is(45));
  expect(clearOf(pen(), measured, replaced)).toEqual(any);
  expect(clearOf(pen(48), replaced)).toEqual(any);
  // It is as if it had never been read, and can be asked for again.
  const { provenance } = applyReadings(pen(), [measured, replaced]);
  expect(provenance.has(attributeKey(layer, 'layer.clear'))).toBe(false);
});

test('nor is the thickness of a wire that was taken away', () => {
  const wire = walk('2026-03-01', ['layer.wire', is(0.7)]);
  expect(layerOf(pen(), [wire])?.wire).toEqual(is(0.7));
  expect(layerOf(pen(), [wire, replaced])?.wire).toEqual(any);
  // Told in the same walk as the mesh that it is of, or after it, it stays.
  const together = walk('2026-05-01', ['layer.wire', is(0.9)], ['layer.mesh', is('welded-13')]);
  expect(layerOf(pen(), [together])?.wire).toEqual(is(0.9));
  expect(layerOf(pen(), [replaced, walk('2026-06-01', ['layer.wire', is(0.9)])])?.wire).toEqual(
    is(0.9),
  );
});

test('the same netting come again is not what was measured', () => {
  expect(clearOf(pen(48), replaced, walk('2026-07-01', ['layer.mesh', is('hex-50')]))).toEqual(any);
});

test('what is the same still, or only told more narrowly, keeps its measure', () => {
  const same = walk('2026-05-01', ['layer.mesh', is('hex-50')]);
  expect(clearOf(pen(), measured, same)).toEqual(is(45));
  expect(clearOf(pen(), measured, walk('2026-05-01', ['layer.mesh', 'cannot-tell']))).toEqual(
    is(45),
  );
  const either = setAttribute(pen(45), layer, 'layer.mesh', { oneOf: ['hex-25', 'hex-50'] });
  expect(clearOf(either, same)).toEqual(is(45));
});

test('measured anew, or on the very walk that found it replaced, it counts', () => {
  const anew = walk('2026-06-01', ['layer.clear', is(12)]);
  expect(clearOf(pen(), measured, replaced, anew)).toEqual(is(12));
  const together = walk('2026-05-01', ['layer.clear', is(24)], ['layer.mesh', is('hex-25')]);
  expect(clearOf(pen(), measured, together)).toEqual(is(24));
  // Named anew within one walk as what is never measured: nothing would ask for that figure again.
  const corrected = walk('2026-05-01', ['layer.clear', is(45)], ['layer.mesh', is('welded-13')]);
  expect(clearOf(pen(), measured, corrected)).toEqual(any);
});

test('property: after another mesh was found, only what was measured since then tells', () => {
  const meshes = fc.subarray([...meshIds], { minLength: 2, maxLength: 2 });
  fc.assert(
    fc.property(meshes, fc.integer({ min: 0, max: 90 }), ([before, now], clear) => {
      const first = walk(
        '2026-01-01',
        ['layer.mesh', is(before ?? 'sheet')],
        ['layer.clear', is(clear)],
      );
      const then = walk('2026-02-01', ['layer.mesh', is(now ?? 'sheet')]);
      const without = walk('2026-01-01', ['layer.mesh', is(before ?? 'sheet')]);
      expect(clearOf(pen(), first, then)).toEqual(any);
      expect(clearOf(pen(), without, then)).toBeUndefined();
    }),
    { numRuns: 50 },
  );
});
