/** Lays values over a place: each item gets its attributes, everything else stays as it is. */
import { attributeIds, attributes, isOf, type AttributeId } from '../attributes';
import type { AttributeOf, ItemKind, Items } from '../attributes/attribute';
import { itemIdsOf } from '../place/find';
import type { Bay, ItemId, Place } from '../place/place';
import { isAmount, isChoice, type Possible } from '../place/possible';
import { readTogether } from './read-together';

/** Values by attribute, of one item. */
type OwnValues = ReadonlyMap<AttributeId, Possible>;

/** Values by attribute, for each item that has any. */
export type Values = ReadonlyMap<ItemId, OwnValues>;

/**
 * Returns a place with the values laid over it; values of items that are not in it change nothing (a removed bay's readings
 * stay in old walks). A bay that no value touches is the same object as before, so that its judgement can be kept.
 */
export function setAttributes(place: Place, told: Values): Place {
  if (told.size === 0) return place;
  const values = acrossFloors(place, told);
  const fence = place.fence && withOwn('fence', place.fence, values.get(place.fence.id));
  return {
    ...place,
    ...(fence && { fence }),
    faces: place.faces.map((face) => {
      const bays = face.bays.map((bay) =>
        isTouched(bay, values) ? setBayAttributes(bay, values) : bay,
      );
      return bays.every((bay, index) => bay === face.bays[index]) ? face : { ...face, bays };
    }),
  };
}

const floorAttributes = attributeIds.filter((id) => attributes[id].ofFloor);

/** What is said of a floor at one wall is said at all that stand on it, save where something is said there itself. */
function acrossFloors(place: Place, told: Values): Values {
  const values = new Map(told);
  for (const [item, own] of told) {
    for (const id of floorAttributes) {
      const value = own.get(id);
      if (value === undefined) continue;
      for (const wall of readTogether(place, item, id)) {
        if (told.get(wall)?.has(id)) continue;
        values.set(wall, new Map([...(values.get(wall) ?? []), [id, value]]));
      }
    }
  }
  return values;
}

function isTouched(bay: Bay, values: Values): boolean {
  return itemIdsOf(bay).some((id) => values.has(id));
}

/** The same for one value. */
export function setAttribute(
  place: Place,
  item: ItemId,
  attribute: AttributeId,
  value: Possible,
): Place {
  return setAttributes(place, new Map([[item, new Map([[attribute, value]])]]));
}

/** The same for one bay; what is not of it changes nothing. */
export function setBayAttributes(bay: Bay, values: Values): Bay {
  const all = <K extends ItemKind>(
    kind: K,
    items: readonly (Items[K] & { readonly id: ItemId })[],
  ) => items.map((item) => withOwn(kind, item, values.get(item.id)));
  const openings = all('opening', bay.openings).map((opening) => ({
    ...opening,
    latches: all('latch', opening.latches),
    ...(opening.cover && { cover: all('layer', opening.cover) }),
  }));
  const bands = bay.bands.map((band) => ({ ...band, layers: all('layer', band.layers) }));
  const strands = all('strand', bay.strands);
  return withOwn('bay', { ...bay, bands, openings, strands }, values.get(bay.id));
}

/** An item with those of its values that are of its kind. */
function withOwn<K extends ItemKind, Item extends Items[K]>(
  kind: K,
  item: Item,
  own: OwnValues | undefined,
): Item {
  let changed: Items[K] = item;
  for (const [id, value] of own ?? []) {
    const attribute = attributes[id];
    if (isOf(attribute, kind)) changed = withValue<K>(attribute, changed, value);
  }
  return changed as Item;
}

/** What is no value of its kind changes nothing: a place that is not read from a file may say what it likes. */
function withValue<K extends ItemKind>(
  attribute: AttributeOf<K>,
  item: Items[K],
  value: Possible,
): Items[K] {
  if (attribute.value === 'amount') {
    return isAmount(value) ? (attribute.path?.set(item, value) ?? item) : item;
  }
  return isChoice(value) ? (attribute.path?.set(item, value) ?? item) : item;
}
