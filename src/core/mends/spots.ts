/** Spots: the places in a bay where one mend puts right everything that gives way there. */
import type { PartEffort, Reason } from '../effort/reason';
import { attributeIds, attributes, type AttributeId } from '../attributes';
import { findItem } from '../place/find';
import type { Mend, Spot } from '../records/mend';
import type { SpotKind } from '../place/spot';
import type { Bay, Place } from '../place/place';
import { threatsMinded } from '../place/setting';
import { isBirdsWay } from './birds-way';
import type { WeakSpot } from './weak-spot';
import { bayEffort } from '../effort/bay-effort';
import { nightShut, type When } from '../effort/when';
import { levelMinutes } from '../effort/effort-level';
import { animals } from '../tables/animals';
import type { Attack } from '../tables/attacks';

/** The attributes that are read again to see whether a spot holds. */
export function attributesAt(kind: SpotKind): readonly AttributeId[] {
  return attributeIds.filter((id) => attributes[id].spots.includes(kind));
}

const kindByAttack: Readonly<Partial<Record<Attack, SpotKind>>> = {
  dig: 'dig',
  reach: 'reach',
  climb: 'top',
  jump: 'top',
  fly: 'top',
  lift: 'frame',
};

/** A bird may be reached through a door as well: it is the door that is seen to. */
const kindByReason: Readonly<Partial<Record<Reason['kind'], SpotKind>>> = {
  latches: 'latch',
  'stands-open': 'habit',
};

/** The spot a part belongs to. Mesh is named by its band or its opening, a latch by its door: what a mend works on. */
export function spotOf(place: Place, part: PartEffort): Spot {
  const item = findItem(place, part.item);
  const { reason } = part;
  // What reaches in at birds that are about is kept out by cover, at the gap that it reaches through.
  const isThrough = reason.kind === 'reach' && reason.birds === 'about';
  const kind =
    (isThrough ? undefined : (kindByReason[reason.kind] ?? kindByAttack[part.attack])) ??
    (part.attribute && attributes[part.attribute].spots[0]) ??
    'bare';
  if (kind === 'latch') {
    const opening =
      item?.kind === 'latch' || item?.kind === 'opening' ? item.opening.id : part.item;
    return { kind, item: opening };
  }
  if (kind === 'reach') return { kind, item: item?.bay.id ?? part.item };
  if (kind !== 'mesh' || item?.kind !== 'layer') return { kind, item: part.item };
  const band = item.bay.bands.find((it) => it.layers.includes(item.layer));
  const opening = item.bay.openings.find((it) => it.cover?.includes(item.layer));
  return { kind, item: band?.id ?? opening?.id ?? part.item };
}

/** Everything in a bay that surely lets by something that lives here, in circumstances; as told, on a night with everything shut. */
export function weakSpots(place: Place, bay: Bay, when: When = nightShut): WeakSpot[] {
  const found = new Map<string, { spot: Spot; parts: PartEffort[] }>();
  for (const id of threatsMinded(place)) {
    for (const part of bayEffort(bay, animals[id], 'best', when)) {
      if (part.minutes === null) continue;
      // What takes a night (a rat at sound boards) is for no mend's list; an opening that is too wide is, however slow.
      if (part.minutes >= levelMinutes.night && part.reason.kind !== 'opening') continue;
      const spot = spotOf(place, part);
      const key = `${spot.kind} ${spot.item}`;
      found.set(key, { spot, parts: [...(found.get(key)?.parts ?? []), part] });
    }
  }
  return [...found.values()].map(({ spot, parts }) => weakSpot(place, bay, spot, parts));
}

/** A spot of a bay with all that gives way there. */
export function weakSpot(
  place: Place,
  bay: Bay,
  spot: Spot,
  parts: readonly PartEffort[],
): WeakSpot {
  const door = bay.openings.find(({ id }) => id === spot.item);
  return {
    spot,
    bay,
    letsBy: [...new Set(parts.map(({ animal }) => animal))],
    parts,
    ...(spot.kind === 'habit' && door && isBirdsWay(place, door) && { isBirdsWay: true }),
  };
}

/** Whether a mend is against what is weak here. */
export function isFor(mend: Pick<Mend, 'spot'>, weak: Pick<WeakSpot, 'spot'>): boolean {
  return mend.spot.kind === weak.spot.kind && mend.spot.item === weak.spot.item;
}
