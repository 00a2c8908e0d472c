/** Ids of what a mend adds: they follow from its spot and kind, so that the same mend chosen again finds the same. Read apart nowhere else. */
import type { ItemId } from '../place/place';
import type { Mend, MendKind, Spot } from './mend';

/** Id of what a mend of this kind adds at this spot. One mend of a kind a spot. */
export function addedItem(spot: Spot, kind: MendKind): ItemId {
  return `${spot.item}+${kind}`;
}

/** Whether an id is that of an added thing, or of one of its parts (strands of a set, the bay of a roof). */
export function isPartOf(added: ItemId, item: ItemId): boolean {
  return item === added || item.startsWith(`${added}-`);
}

/** Whether an item came with a mend. */
export function isAddedBy({ spot, kind }: Pick<Mend, 'spot' | 'kind'>, item: ItemId): boolean {
  return isPartOf(kind === 'first-line' ? spot.item : addedItem(spot, kind), item);
}

/** Whether an item came with any mend of what this one is. */
export function isAddedAt(spot: ItemId, item: ItemId): boolean {
  return item.startsWith(`${spot}+`);
}
