/** What is known of one attribute of one item. */
import { attributes, isOf, type AttributeId } from '../attributes';
import { findItem, type Item } from '../place/find';
import type { ItemId, Place } from '../place/place';
import type { Possible } from '../place/possible';

/** `undefined`: there is no such item, or it says nothing of it. */
export function valueOf(place: Place, id: ItemId, of: AttributeId): Possible | undefined {
  const attribute = attributes[of];
  if (isOf(attribute, 'fence')) {
    return place.fence?.id === id ? attribute.path?.get(place.fence) : undefined;
  }
  const item = findItem(place, id);
  return item && valueIn(item, of);
}

/** The same of an item in hand. */
export function valueIn(item: Item, of: AttributeId): Possible | undefined {
  const attribute = attributes[of];
  if (isOf(attribute, 'bay')) return attribute.path?.get(item.bay);
  if (item.kind === 'layer' && isOf(attribute, 'layer')) return attribute.path?.get(item.layer);
  if (item.kind === 'opening' && isOf(attribute, 'opening')) {
    return attribute.path?.get(item.opening);
  }
  if (item.kind === 'latch' && isOf(attribute, 'latch')) return attribute.path?.get(item.latch);
  if (item.kind === 'strand' && isOf(attribute, 'strand')) return attribute.path?.get(item.strand);
  return undefined;
}
