/** Changes to one bay or many; all else in the place stays the same object, so that its judgement can be kept. */
import type { Bay, BayId, Place } from '../place';

/** A change to one bay. */
export type BayChange = (bay: Bay) => Bay;

/** The place with one bay changed; all others are the same objects. */
export function changeBay(place: Place, id: BayId, change: BayChange): Place {
  return changeBays(place, [id], change);
}

/** The same for several bays. */
export function changeBays(place: Place, ids: readonly BayId[], change: BayChange): Place {
  const wanted = new Set(ids);
  return {
    ...place,
    faces: place.faces.map((face) =>
      face.bays.some(({ id }) => wanted.has(id))
        ? { ...face, bays: face.bays.map((bay) => (wanted.has(bay.id) ? change(bay) : bay)) }
        : face,
    ),
  };
}

/** The list with one of its items changed. */
export function withChanged<T extends { readonly id: string }>(
  all: readonly T[],
  id: string,
  change: (one: T) => T,
): T[] {
  return all.map((one) => (one.id === id ? change(one) : one));
}

/** All but the one of that id. */
export function without<T extends { readonly id: string }>(all: readonly T[], id: string): T[] {
  return all.filter((one) => one.id !== id);
}
