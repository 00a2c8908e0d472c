/**
 * What a mend adds: layers, latches, strands, a roof. They stand in the place as "none" until a reading says they are there, and
 * change nothing until then.
 */
import { bareStretches } from '../effort/pass-bay';
import { findItem } from '../place/find';
import { roofFaceOf } from '../place/faces/faces-of';
import { coverOf } from '../place/opening-cover';
import { addedItem, isPartOf } from '../records/added-id';
import type { Mend } from '../records/mend';
import type {
  Band,
  Bay,
  BayId,
  Face,
  FittedLatch,
  ItemId,
  Layer,
  Opening,
  Place,
  Strand,
} from '../place/place';
import type { MeshId } from '../tables/meshes';
import { catalogue, type Added } from './catalogue';
import { withFirstLine, withoutFirstLine } from './added-line';

/** Id of the bay of a roof that a mend adds, by the id of its layer. */
export function roofBayId(layer: ItemId): BayId {
  return `${layer}-bay`;
}

function addsOf({ kind }: Pick<Mend, 'kind'>): Added | undefined {
  return kind === 'own' ? undefined : catalogue[kind].adds;
}

/** The place with what the mend adds standing ready; the same place where it adds nothing. */
export function addToPlace(place: Place, mend: Mend): Place {
  const adds = addsOf(mend);
  if (!adds) return place;
  const id = addedItem(mend.spot, mend.kind);
  if ('layer' in adds) {
    const layer = fittedLayer(id, 'none');
    return changeSpot(
      place,
      mend,
      (it) => ({ ...it, layers: withOne(it.layers, layer) }),
      (it) => ({ ...it, cover: withOne(coverOf(it), layer) }),
    );
  }
  if ('cover' in adds) return addCover(place, mend, id);
  if ('roof' in adds) return addRoof(place, mend, id);
  if ('strands' in adds) return addStrands(place, mend);
  if ('line' in adds) return withFirstLine(place, mend);
  // Closers bring a latch only where the door has none that catches.
  if (!mend.targets.some(({ item }) => item === id)) return place;
  const latch: FittedLatch = { id, kind: { is: 'none' } };
  return changeSpot(
    place,
    mend,
    (it) => it,
    (it) => ({ ...it, latches: withOne(it.latches, latch) }),
  );
}

/** Takes away what a dropped mend had standing ready, unless a walk has found it there meanwhile. */
export function removeFromPlace(place: Place, mend: Mend, wasRead: boolean): Place {
  if (wasRead || !addsOf(mend)) return place;
  if (mend.kind === 'first-line') return withoutFirstLine(place, mend);
  const id = addedItem(mend.spot, mend.kind);
  const isIts = (it: { readonly id: ItemId }) => isPartOf(id, it.id);
  const without = <T extends { readonly id: ItemId }>(all: readonly T[]): T[] =>
    all.filter((it) => !isIts(it));
  const faces = place.faces.filter((face) => !isIts(face));
  return changeBay({ ...place, faces }, mend.bay, (bay) => ({
    ...bay,
    bands: without(bay.bands).map((it) => ({ ...it, layers: without(it.layers) })),
    openings: bay.openings.map((it) => ({
      ...it,
      ...(it.cover && { cover: without(it.cover) }),
      latches: without(it.latches),
    })),
    strands: without(bay.strands),
  }));
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

/** In an opening, or on every stretch of the wall that is bare. */
function addCover(place: Place, mend: Mend, id: ItemId): Place {
  return changeBay(place, mend.bay, (bay) => {
    if (bay.openings.some((it) => it.id === mend.spot.item)) {
      const layer = fittedLayer(id, 'none');
      const openings = bay.openings.map((it) =>
        it.id === mend.spot.item ? { ...it, cover: withOne(coverOf(it), layer) } : it,
      );
      return { ...bay, openings };
    }
    const bands = bareStretches(bay).map(({ from, to }): Band => {
      const layer = fittedLayer(`${id}-${from}`, 'none');
      return { id: `${id}-${from}-band`, from, to, layers: [layer] };
    });
    return { ...bay, bands: bands.reduce<readonly Band[]>(withOne, bay.bands) };
  });
}

function addRoof(place: Place, mend: Mend, id: ItemId): Place {
  const zone = place.zones.find((it) => it.id === mend.spot.item);
  const isThere = place.faces.some(
    (it) => it.id === `${id}-face` || isRoofOver(it, mend.spot.item),
  );
  if (!zone || isThere) return place;
  const roof = roofFaceOf(zone, place.zones, []);
  const bays = roof.bays.map((bay): Bay => ({
    ...bay,
    id: roofBayId(id),
    ready: true,
    fixing: { is: 'screws-washers' },
    condition: { is: 'sound' },
    bands: bay.bands.map((band) => ({
      ...band,
      id: `${id}-band`,
      layers: [fittedLayer(id, 'none')],
    })),
  }));
  const face: Face = { ...roof, id: `${id}-face`, bays };
  return { ...place, faces: [...place.faces, face] };
}

/** A roof that is there; another that stands ready is none. */
function isRoofOver({ kind, between, bays }: Face, zone: string): boolean {
  return kind === 'roof' && between[1] === zone && bays.some(({ ready }) => !ready);
}

/** A wire that stands at no height is not there. */
function addStrands(place: Place, mend: Mend): Place {
  const strands = mend.targets
    .filter(({ attribute, item }) => attribute === 'strand.height' && !findItem(place, item))
    .map(({ item }): Strand => ({
      id: item,
      height: { is: 0 },
      standOff: { is: 0 },
      touching: { is: 'nothing' },
    }));
  return changeBay(place, mend.bay, (bay) => ({ ...bay, strands: [...bay.strands, ...strands] }));
}

function withOne<T extends { readonly id: ItemId }>(all: readonly T[], one: T): T[] {
  return all.some((it) => it.id === one.id) ? [...all] : [...all, one];
}

function changeSpot(
  place: Place,
  { bay: bayId, spot }: Mend,
  band: (it: Band) => Band,
  opening: (it: Opening) => Opening,
): Place {
  return changeBay(place, bayId, (bay) => ({
    ...bay,
    bands: bay.bands.map((it) => (it.id === spot.item ? band(it) : it)),
    openings: bay.openings.map((it) => (it.id === spot.item ? opening(it) : it)),
  }));
}

/** Bays and faces it does not touch stay the same objects. */
function changeBay(place: Place, id: BayId, change: (bay: Bay) => Bay): Place {
  return {
    ...place,
    faces: place.faces.map((face) =>
      face.bays.some((bay) => bay.id === id)
        ? { ...face, bays: face.bays.map((bay) => (bay.id === id ? change(bay) : bay)) }
        : face,
    ),
  };
}
