/** Lays values over a place: each item gets its attributes, everything else stays as it is. */
import type { AttributeId } from './attributes';
import type {
  Band,
  Bay,
  FittedLatch,
  GroundLine,
  ItemId,
  Layer,
  Opening,
  Place,
  Skirt,
  Strand,
} from './place';
import { itemIdsOf } from './find';
import { any, type Possible } from './possible';

/** Values by attribute, for each item that has any. */
export type Values = ReadonlyMap<ItemId, ReadonlyMap<AttributeId, Possible>>;

/**
 * Returns a place with the values laid over it; values of items that are not in it change nothing (a removed bay's readings
 * stay in old walks). A bay that no value touches is the same object as before, so that its judgement can be kept.
 */
export function setAttributes(place: Place, values: Values): Place {
  const fence = place.fence && itemWith(place.fence, 'fence', values.get(place.fence.id));
  return {
    ...place,
    ...(fence && { fence }),
    faces: place.faces.map((face) => {
      const bays = face.bays.map((bay) => (isTouched(bay, values) ? bayWith(bay, values) : bay));
      return bays.every((bay, index) => bay === face.bays[index]) ? face : { ...face, bays };
    }),
  };
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

function bayWith(bay: Bay, values: Values): Bay {
  const layer = (it: Layer): Layer => itemWith(it, 'layer', values.get(it.id));
  const latch = (it: FittedLatch): FittedLatch => itemWith(it, 'latch', values.get(it.id));
  const band = (it: Band): Band => ({ ...it, layers: it.layers.map(layer) });
  const opening = (it: Opening): Opening => ({
    ...plain(
      itemWith(it, 'opening', values.get(it.id), structural),
      'opening',
      values.get(it.id),
      structural,
    ),
    latches: it.latches.map(latch),
    ...(it.cover && { cover: it.cover.map(layer) }),
  });
  const strand = (it: Strand): Strand => itemWith(it, 'strand', values.get(it.id));
  const own = values.get(bay.id);
  return {
    ...itemWith(bay, 'bay', own),
    top: plain(bay.top, 'top', own),
    bands: bay.bands.map(band),
    openings: bay.openings.map(opening),
    strands: bay.strands.map(strand),
    ...(bay.ground && { ground: groundWith(bay.ground, own) }),
  };
}

/** A skirt that is read where none was described is there from then on. */
function groundWith(
  ground: GroundLine,
  own: ReadonlyMap<AttributeId, Possible> | undefined,
): GroundLine {
  const changed = itemWith(ground, 'ground', own);
  const hasSkirt = own && [...own.keys()].some((attribute) => attribute.startsWith('skirt.'));
  const skirt = ground.skirt ?? (hasSkirt ? undescribedSkirt : undefined);
  return skirt ? { ...changed, skirt: itemWith(skirt, 'skirt', own) } : changed;
}

const undescribedSkirt: Skirt = { mesh: any, depth: any, outward: any, tied: any };

/** What of an opening is one value, never a set. */
const structural: readonly string[] = ['letGo', 'habit'];

/** The same for fields of the structure: they change only by a reading that is sure. */
function plain<T extends object>(
  item: T,
  part: 'top' | 'opening',
  values: ReadonlyMap<AttributeId, Possible> | undefined,
  fields?: readonly string[],
): T {
  const known = [...(values ?? [])].flatMap(([attribute, value]) => {
    const [of, field] = attribute.split('.');
    const isIts = of === part && field !== undefined && (fields?.includes(field) ?? true);
    return isIts && 'is' in value ? [[field, value.is] as const] : [];
  });
  return known.length === 0 ? item : { ...item, ...Object.fromEntries(known) };
}

type Part = 'ground' | 'skirt' | 'bay' | 'layer' | 'opening' | 'latch' | 'strand' | 'fence';

/** Sets the fields whose attributes begin with this part's name: `ground.gap` is the field `gap` of the ground line. */
function itemWith<T>(
  item: T,
  part: Part,
  values: ReadonlyMap<AttributeId, Possible> | undefined,
  except: readonly string[] = [],
): T {
  if (!values) return item;
  const changed = { ...item } as Record<string, unknown>;
  for (const [attribute, value] of values) {
    const [of, field] = attribute.split('.');
    if (of === part && field && !except.includes(field)) changed[field] = value;
  }
  return changed as T;
}
