/** Whether every set of possible values in a bay has come down to one: its best and worst are then the same. */
import { attributesOf } from '../attributes';
import type { AttributeOf, ItemKind, Items } from '../attributes/attribute';
import { memoized } from '../memo';
import { isFixed } from '../place/opening-cover';
import type { Bay } from '../place/place';

/** Whether nothing of the bay is left to be read: its best is its worst. */
export const isAllRead = memoized(
  (bay: Bay): boolean =>
    isStated('bay', bay) &&
    bay.openings.every(
      (opening) =>
        isStated('opening', opening) &&
        // What a door is made of, and whether the line runs across it, is unread where it is left out.
        (isFixed(opening) ||
          (opening.cover !== undefined &&
            (bay.strands.length === 0 || opening.crossed !== undefined))),
    ) &&
    bay.strands.every((strand) => isStated('strand', strand)) &&
    !hasOpenSet(bay),
);

/** Nothing is left out that counts as unread where it is. */
function isStated<K extends ItemKind>(kind: K, item: Items[K]): boolean {
  return attributesOf(kind).every(
    (attribute: AttributeOf<K>) =>
      attribute.path?.get(item) !== undefined || !attribute.isUnreadWithout(item),
  );
}

/** An interval, a list or "any", anywhere in it. */
function hasOpenSet(value: unknown): boolean {
  if (typeof value !== 'object' || value === null) return false;
  if ('any' in value || 'oneOf' in value) return true;
  if ('from' in value && 'to' in value && !('layers' in value)) {
    return typeof value.from === 'number' && value.from !== value.to;
  }
  return Object.values(value).some(hasOpenSet);
}
