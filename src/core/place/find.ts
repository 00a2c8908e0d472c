/** Looking things up in a place. */
import type {
  Bay,
  BayId,
  Face,
  FittedLatch,
  ItemId,
  Layer,
  Opening,
  Place,
  Strand,
  ZoneId,
} from './place';
import { memoized } from '../memo';
import { outside } from './place';

/** A bay and the face it is in. */
export interface BayInPlace {
  readonly bay: Bay;
  readonly face: Face;
}

/** Every bay with its face, face by face. */
export function allBays(place: Place): BayInPlace[] {
  return place.faces.flatMap((face) => face.bays.map((bay) => ({ bay, face })));
}

/** The bay of that id. */
export function findBay(place: Place, id: BayId): BayInPlace | undefined {
  return allBays(place).find(({ bay }) => bay.id === id);
}

/** Anything that a reading can be of, with the bay it is in. */
export type Item =
  | { readonly kind: 'bay'; readonly bay: Bay }
  | { readonly kind: 'layer'; readonly bay: Bay; readonly layer: Layer }
  | { readonly kind: 'opening'; readonly bay: Bay; readonly opening: Opening }
  | {
      readonly kind: 'latch';
      readonly bay: Bay;
      readonly opening: Opening;
      readonly latch: FittedLatch;
    }
  | { readonly kind: 'strand'; readonly bay: Bay; readonly strand: Strand };

/** Every item a reading can name, in the order in which it stands in the bay. */
export function itemsOf(bay: Bay): Item[] {
  const layers = [
    ...bay.bands.flatMap((band) => band.layers),
    ...bay.openings.flatMap((opening) => opening.cover ?? []),
  ];
  return [
    { kind: 'bay', bay },
    ...layers.map((layer): Item => ({ kind: 'layer', bay, layer })),
    ...bay.openings.flatMap((opening): Item[] => [
      { kind: 'opening', bay, opening },
      ...opening.latches.map((latch): Item => ({ kind: 'latch', bay, opening, latch })),
    ]),
    ...bay.strands.map((strand): Item => ({ kind: 'strand', bay, strand })),
  ];
}

/** The id under which readings name an item. */
export function itemId(item: Item): ItemId {
  if (item.kind === 'bay') return item.bay.id;
  if (item.kind === 'layer') return item.layer.id;
  if (item.kind === 'strand') return item.strand.id;
  return item.kind === 'opening' ? item.opening.id : item.latch.id;
}

/** Ids of all items of a bay. */
export const itemIdsOf = memoized((bay: Bay): readonly ItemId[] => itemsOf(bay).map(itemId));

/** The item of that id, with where it stands. */
export function findItem(place: Place, id: ItemId): Item | undefined {
  return itemsById(place).get(id);
}

const itemsById = memoized((place: Place): ReadonlyMap<ItemId, Item> => {
  const items = allBays(place).flatMap(({ bay }) => itemsOf(bay));
  // Of two of the same id, which no file may have, the first.
  return new Map(items.reverse().map((item) => [itemId(item), item]));
});

/** True for a face that outside is on one side of. */
export function isOutermost(face: Face): boolean {
  return face.between.includes(outside);
}

/** The roof over a zone, where it has one: it lies between what is above and the zone. */
export function roofOf(place: Place, id: ZoneId): Face | undefined {
  return place.faces.find(({ kind, between }) => kind === 'roof' && between[1] === id);
}
