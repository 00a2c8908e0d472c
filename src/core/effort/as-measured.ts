/** A mesh as the layer's own wire and opening were measured, where they were: made here or abroad, it is not always what it is sold as. */
import { limitsOf } from '../attributes';
import type { Layer } from '../place/place';
import { isOfItsWire, meshes, strengthOfWire, weldedClear, type MeshId } from '../tables/meshes';
import { lengthAt, meshMembers, type Bound } from './bound';

const gone = limitsOf('layer.clear')[1];

/** Thickness of the layer's wire where it was measured and counts, mm: thinnest at its worst. */
export function wireOf({ wire }: Layer, mesh: MeshId, bound: Bound): number | undefined {
  if (wire === undefined || 'any' in wire || !isOfItsWire(meshes[mesh])) return undefined;
  return lengthAt(wire, 'layer.wire', bound);
}

/** Class of strength of a sound layer if it is this kind of mesh: by its own wire, else as the tables have it. */
export function strengthOf(layer: Layer, mesh: MeshId, bound: Bound): number {
  const wire = wireOf(layer, mesh, bound);
  return (wire === undefined ? meshes[mesh].strength : strengthOfWire(wire)).value;
}

/**
 * Clear opening of a layer if it is this kind of mesh, mm: as measured, else by its pitch and its own wire, else as the tables have it;
 * none at all is as open as can be.
 */
export function clearOf(layer: Layer, mesh: MeshId | 'none', bound: Bound): number {
  if (mesh === 'none') return gone;
  if (layer.clear !== undefined && !('any' in layer.clear)) {
    return lengthAt(layer.clear, 'layer.clear', bound);
  }
  const { kind, pitch, clear } = meshes[mesh];
  const wire = kind === 'welded' ? wireOf(layer, mesh, bound) : undefined;
  return wire === undefined ? clear.value : Math.max(0, weldedClear(pitch.value, wire));
}

/** Smallest clear opening of a layer over all kinds of mesh it may be, mm. */
export function clearOpening(layer: Layer, bound: Bound): number {
  const all = meshMembers(layer.mesh).map((mesh) => clearOf(layer, mesh, bound));
  return bound === 'best' ? Math.min(...all) : Math.max(...all);
}
