/** What is one for several walls is read once for all: of a light frame at its first wall, of a floor at whichever wall it is read. */
import { attributes, type AttributeId } from '../attributes';
import type { Attribute } from '../attributes/attribute';
import { floorsOf } from '../place/floor';
import { framesOf } from '../place/frame';
import type { ItemId, Place } from '../place/place';
import { isUnread } from '../place/possible';
import type { WalkPurpose } from './walk';

type Shared = Pick<Attribute, 'ofFrame' | 'ofFloor'>;

/** Whether one reading of it speaks for several walls, in any walk. */
export function isReadTogether(attribute: AttributeId): boolean {
  const { ofFrame, ofFloor }: Shared = attributes[attribute];
  return ofFloor === true || ofFrame === 'always';
}

/** Items that a reading of this one speaks for, itself among them; more where a pen that has moved is walked round. */
export function readTogether(
  place: Place,
  item: ItemId,
  attribute: AttributeId,
  purpose?: WalkPurpose,
): readonly ItemId[] {
  const { ofFrame, ofFloor }: Shared = attributes[attribute];
  if (ofFloor) return onTheSameFloor(place, item);
  const isOfAll = ofFrame === 'always' || (ofFrame === 'moved' && purpose === 'moved');
  const frame = isOfAll ? framesOf(place).get(item) : undefined;
  // Only what is read at the first wall was asked for all of them.
  return frame?.[0] === item ? frame : [item];
}

/** Walls of which it is not known by themselves what they stand on. */
function onTheSameFloor(place: Place, item: ItemId): readonly ItemId[] {
  const { bays = [] } = floorsOf(place).get(item) ?? {};
  const others = bays.filter(({ id, ground }) => id !== item && isUnread(ground?.floor));
  return [item, ...others.map(({ id }) => id)];
}
