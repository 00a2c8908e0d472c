import type { Face } from '../place';

/** Sloping sides are the roof: what lies flat over a zone is its ridge, open or capped. */
export function withRidge(face: Face): Face {
  if (face.kind !== 'roof') return face;
  const named = (name: string) => name.replace(/roof$/, 'ridge');
  return { ...face, bays: face.bays.map((bay) => ({ ...bay, name: named(bay.name) })) };
}
