/** Layers and latches that a mend adds. They stand in the place as "none" until a reading says they are there. */
import type { MeshId } from '../tables/meshes';
import { catalogue } from './catalogue';
import type { Mend, MendKind, Spot } from '../place/mend';
import type { Band, Bay, FittedLatch, ItemId, Layer, Opening, Place } from '../place/place';

/** Id of what a mend of this kind adds at this spot. One mend of a kind a spot: choosing it again finds the same. */
export function addedItem(spot: Spot, kind: MendKind): ItemId {
  return `${spot.item}+${kind}`;
}

export function addToPlace(place: Place, mend: Mend): Place {
  const { adds } = catalogue[mend.kind];
  if (!adds) return place;
  const id = addedItem(mend.spot, mend.kind);
  if ('layer' in adds) {
    const layer = fittedLayer(id, 'none');
    return changeBay(
      place,
      mend,
      (it) => ({ ...it, layers: withOne(it.layers, layer) }),
      (it) => ({
        ...it,
        cover: withOne(it.cover ?? [], layer),
      }),
    );
  }
  const latch: FittedLatch = { id, kind: { is: 'none' } };
  return changeBay(
    place,
    mend,
    (it) => it,
    (it) => ({ ...it, latches: withOne(it.latches, latch) }),
  );
}

/** Takes away what a dropped mend had standing ready, unless a walk has found it there meanwhile. */
export function removeFromPlace(place: Place, mend: Mend, wasRead: boolean): Place {
  if (wasRead || !catalogue[mend.kind].adds) return place;
  const id = addedItem(mend.spot, mend.kind);
  const without = <T extends { readonly id: ItemId }>(all: readonly T[]): T[] =>
    all.filter((it) => it.id !== id);
  return changeBay(
    place,
    mend,
    (it) => ({ ...it, layers: without(it.layers) }),
    (it) => ({
      ...it,
      ...(it.cover && { cover: without(it.cover) }),
      latches: without(it.latches),
    }),
  );
}

/** A layer as a mend fits it: screwed down with washers, new. */
export function fittedLayer(id: ItemId, mesh: MeshId | 'none'): Layer {
  return {
    id,
    mesh: { is: mesh },
    fixing: { is: 'screws-washers' },
    condition: { is: 'sound' },
  };
}

function withOne<T extends { readonly id: ItemId }>(all: readonly T[], one: T): T[] {
  return all.some((it) => it.id === one.id) ? [...all] : [...all, one];
}

function changeBay(
  place: Place,
  { bay: bayId, spot }: Mend,
  band: (it: Band) => Band,
  opening: (it: Opening) => Opening,
): Place {
  const change = (bay: Bay): Bay =>
    bay.id !== bayId
      ? bay
      : {
          ...bay,
          bands: bay.bands.map((it) => (it.id === spot.item ? band(it) : it)),
          openings: bay.openings.map((it) => (it.id === spot.item ? opening(it) : it)),
        };
  return { ...place, faces: place.faces.map((face) => ({ ...face, bays: face.bays.map(change) })) };
}
