/** Spots: the places in a bay where one mend puts right everything that gives way there. */
import type { PartEffort } from '../effort/reason';
import type { AttributeId } from '../place/attributes';
import { findItem } from '../place/find';
import type { Spot, SpotKind } from '../place/mend';
import type { Bay, Place } from '../place/place';
import { bayEffort } from '../effort/bay-effort';
import { animals, type AnimalId } from '../tables/animals';

export interface WeakSpot {
  readonly spot: Spot;
  readonly bay: Bay;
  /** Animals that live here and get by it, for sure, as it was last found. */
  readonly letsBy: readonly AnimalId[];
  /** What gives way, the widest first. */
  readonly parts: readonly PartEffort[];
}

/** The attributes that are read again to see whether a spot holds. */
export const spotAttributes: Readonly<Record<SpotKind, readonly AttributeId[]>> = {
  ground: ['ground.gap', 'ground.gapLifted'],
  dig: ['ground.soil', 'skirt.depth', 'skirt.outward', 'skirt.tied'],
  mesh: ['layer.mesh', 'layer.clear'],
  panel: ['bay.panelPulled'],
  hole: ['bay.largestHole'],
  edges: ['opening.gap', 'opening.gapPulled'],
  latch: ['latch.kind'],
};

const kindOf: Readonly<Record<AttributeId, SpotKind>> = {
  'ground.gap': 'ground',
  'ground.gapLifted': 'ground',
  'ground.soil': 'dig',
  'skirt.depth': 'dig',
  'skirt.outward': 'dig',
  'skirt.tied': 'dig',
  'bay.panelPulled': 'panel',
  'bay.largestHole': 'hole',
  'layer.mesh': 'mesh',
  'layer.clear': 'mesh',
  'opening.gap': 'edges',
  'opening.gapPulled': 'edges',
  'latch.kind': 'latch',
};

/** The spot a part belongs to. Mesh is named by its band or its opening, a latch by its door: what a mend works on. */
export function spotOf(place: Place, part: PartEffort): Spot {
  const item = findItem(place, part.item);
  if (part.attack === 'open' || part.attribute === undefined) {
    const opening =
      item?.kind === 'latch' || item?.kind === 'opening' ? item.opening.id : part.item;
    return { kind: 'latch', item: opening };
  }
  const kind = kindOf[part.attribute];
  if (kind !== 'mesh' || item?.kind !== 'layer') return { kind, item: part.item };
  const band = item.bay.bands.find((it) => it.layers.includes(item.layer));
  const opening = item.bay.openings.find((it) => it.cover?.includes(item.layer));
  return { kind, item: band?.id ?? opening?.id ?? part.item };
}

/** Everything in a bay that surely lets by something that lives here. */
export function weakSpots(place: Place, bay: Bay): WeakSpot[] {
  const found = new Map<string, { spot: Spot; parts: PartEffort[] }>();
  for (const id of place.setting.lives) {
    for (const part of bayEffort(bay, animals[id], 'best')) {
      if (part.minutes === null) continue;
      const spot = spotOf(place, part);
      const key = `${spot.kind} ${spot.item}`;
      found.set(key, { spot, parts: [...(found.get(key)?.parts ?? []), part] });
    }
  }
  return [...found.values()].map(({ spot, parts }) => ({
    spot,
    bay,
    letsBy: [...new Set(parts.map((part) => part.animal))],
    parts,
  }));
}
