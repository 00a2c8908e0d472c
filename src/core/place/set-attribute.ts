/** Lays one value over a place: the item with this id gets this attribute, everything else stays as it is. */
import type { AttributeId } from './attributes';
import type { Band, Bay, FittedLatch, ItemId, Layer, Opening, Place } from './place';
import type { Possible, PossibleChoice, PossibleLength } from './possible';

/** Returns a new place; one without that item comes back unchanged (a removed bay's readings stay in old walks). */
export function setAttribute(
  place: Place,
  item: ItemId,
  attribute: AttributeId,
  value: Possible,
): Place {
  const [part, field] = attribute.split('.') as [Part, string];
  const bays = bayChange[part](item, field, value);
  return {
    ...place,
    faces: place.faces.map((face) => ({ ...face, bays: face.bays.map(bays) })),
  };
}

type Part = 'ground' | 'bay' | 'layer' | 'opening' | 'latch';
type BayChange = (item: ItemId, field: string, value: Possible) => (bay: Bay) => Bay;

const withId =
  <T extends { readonly id: ItemId }>(item: ItemId, change: (it: T) => T) =>
  (it: T): T =>
    it.id === item ? change(it) : it;

const bayChange: Readonly<Record<Part, BayChange>> = {
  ground: (item, field, value) =>
    withId<Bay>(item, (bay) =>
      bay.ground ? { ...bay, ground: { ...bay.ground, [field]: value as PossibleLength } } : bay,
    ),
  bay: (item, field, value) => withId<Bay>(item, (bay) => ({ ...bay, [field]: value })),
  layer: (item, field, value) => {
    const layer = withId<Layer>(item, (it) => ({ ...it, [field]: value }));
    const band = (it: Band): Band => ({ ...it, layers: it.layers.map(layer) });
    const opening = (it: Opening): Opening =>
      it.cover ? { ...it, cover: it.cover.map(layer) } : it;
    return (bay) => ({
      ...bay,
      bands: bay.bands.map(band),
      openings: bay.openings.map(opening),
    });
  },
  opening: (item, field, value) => {
    const opening = withId<Opening>(item, (it) => ({ ...it, [field]: value }));
    return (bay) => ({ ...bay, openings: bay.openings.map(opening) });
  },
  latch: (item, field, value) => {
    const latch = withId<FittedLatch>(item, (it) => ({
      ...it,
      [field]: value as PossibleChoice<never>,
    }));
    return (bay) => ({
      ...bay,
      openings: bay.openings.map((it) => ({ ...it, latches: it.latches.map(latch) })),
    });
  },
};
