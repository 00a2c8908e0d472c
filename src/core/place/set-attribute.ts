/** Lays values over a place: each item gets its attributes, everything else stays as it is. */
import type { AttributeId } from './attributes';
import type { Band, Bay, FittedLatch, ItemId, Layer, Opening, Place } from './place';
import type { Possible } from './possible';

/** Values by attribute, for each item that has any. */
export type Values = ReadonlyMap<ItemId, ReadonlyMap<AttributeId, Possible>>;

/** Returns a new place; values of items that are not in it change nothing (a removed bay's readings stay in old walks). */
export function setAttributes(place: Place, values: Values): Place {
  return {
    ...place,
    faces: place.faces.map((face) => ({
      ...face,
      bays: face.bays.map((bay) => bayWith(bay, values)),
    })),
  };
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

function bayWith(bay: Bay, values: Values): Bay {
  const layer = (it: Layer): Layer => itemWith(it, 'layer', values.get(it.id));
  const latch = (it: FittedLatch): FittedLatch => itemWith(it, 'latch', values.get(it.id));
  const band = (it: Band): Band => ({ ...it, layers: it.layers.map(layer) });
  const opening = (it: Opening): Opening => ({
    ...itemWith(it, 'opening', values.get(it.id)),
    latches: it.latches.map(latch),
    ...(it.cover && { cover: it.cover.map(layer) }),
  });
  const own = values.get(bay.id);
  return {
    ...itemWith(bay, 'bay', own),
    bands: bay.bands.map(band),
    openings: bay.openings.map(opening),
    ...(bay.ground && { ground: itemWith(bay.ground, 'ground', own) }),
  };
}

type Part = 'ground' | 'bay' | 'layer' | 'opening' | 'latch';

/** Sets the fields whose attributes begin with this part's name: `ground.gap` is the field `gap` of the ground line. */
function itemWith<T>(
  item: T,
  part: Part,
  values: ReadonlyMap<AttributeId, Possible> | undefined,
): T {
  if (!values) return item;
  const changed = { ...item } as Record<string, unknown>;
  for (const [attribute, value] of values) {
    const [of, field] = attribute.split('.');
    if (of === part && field) changed[field] = value;
  }
  return changed as T;
}
