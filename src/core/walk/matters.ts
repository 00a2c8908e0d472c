/** What the animals, birds and line of a place make worth asking. */
import type { WalkSection, Matters } from '../attributes/attribute';
import { canBeDug } from '../attributes/digging';
import { reachEffort } from '../effort/reach';
import { nightShut } from '../effort/when';
import { allBays } from '../place/find';
import { floorsOf, lookedIntoFrom } from '../place/floor';
import type { Bay, BayId, Face, Fence, Place, Zone } from '../place/place';
import { isKnown, isUnread } from '../place/possible';
import { hasWire } from '../place/strand-there';
import { animals, type Animal } from '../tables/animals';

/** What makes which questions worth asking in a place. */
export interface PlaceMatters extends Birds {
  readonly matters: Matters;
  /** The bay at which the line's potential is read, where there is a line. */
  readonly line?: { readonly at: BayId; readonly fence: Fence };
}

/** Zones in which birds sleep, and the animals that reach in. */
interface Birds {
  readonly sleeping: readonly Zone[];
  readonly reaching: readonly Animal[];
}

let last:
  { readonly place: Place; readonly at: BayId | undefined; readonly it: PlaceMatters } | undefined;

/** The same object for the same animals, birds and line. */
export function whatMatters(place: Place): PlaceMatters {
  const at = place.fence && allBays(place).find(({ bay }) => hasWire(bay))?.bay.id;
  if (
    last?.at === at &&
    last?.place.setting.lives === place.setting.lives &&
    last.place.flock === place.flock &&
    last.place.zones === place.zones &&
    last.place.fence === place.fence
  ) {
    return last.it;
  }
  const it = mattersIn(place, at);
  last = { place, at, it };
  return it;
}

function mattersIn({ setting, flock, fence, zones }: Place, at: BayId | undefined): PlaceMatters {
  const here = setting.lives.map((id) => animals[id]);
  const sleeps = new Set(flock.map((group) => group.sleeps));
  return {
    matters: {
      fixing: here.some(({ tears }) => tears.pulls.value > 0),
      condition: here.some(({ tears }) => tears.breaks.value > 0),
      digging: here.some(({ digs }) => digs !== undefined),
      latches: here.some(({ dexterity }) => dexterity.motions.length > 0),
    },
    sleeping: zones.filter(({ id }) => sleeps.has(id)),
    reaching: here.filter((animal) => animal.reaches),
    ...(fence && at !== undefined && { line: { at, fence } }),
  };
}

/** Where what lies inside is looked at: the zone one stands in, and when on the walk. */
export interface Side {
  readonly section: WalkSection;
  readonly zone: Zone;
}

/** Where birds that sleep beside this face are asked about, if something reaches in through the bay as far as it is known. */
export function roostSideOf({ sleeping, reaching }: Birds, bay: Bay, face: Face): Side | undefined {
  const beside = sleeping.find(({ id }) => face.between.includes(id));
  if (!beside) return undefined;
  const isReached = reaching.some((animal) => {
    const part = reachEffort({ ...bay, roost: { is: 0 } }, animal, 'worst', nightShut);
    return part !== undefined && part.minutes !== null;
  });
  if (!isReached) return undefined;
  return inside(beside);
}

const inside = (zone: Zone): Side => ({
  section: zone.kind === 'run' || zone.kind === 'under-house' ? 'inside' : 'house',
  zone,
});

/** By the wall at which the floor of a zone is asked about: the first where anything could dig; one that is less known before others. */
export function floorSidesOf(place: Place, matters: Matters): ReadonlyMap<BayId, Side> {
  const zones = new Map(place.zones.map((zone) => [zone.id, zone]));
  const from = lookedIntoFrom(place);
  return new Map(
    [...new Set(floorsOf(place).values())].flatMap(({ zone: id, bays }) => {
      const zone = zones.get(from.get(id) ?? id);
      const diggable = bays.filter(({ ground }) => floorTells(ground, matters));
      const first =
        diggable.find(({ ground }) => isUnread(ground?.floor)) ??
        diggable.find(({ ground }) => !isKnown(ground?.floor)) ??
        diggable[0];
      return zone && first ? [[first.id, inside(zone)] as const] : [];
    }),
  );
}

/** Whether anything hangs on the floor at a wall: what stands on it, or who digs up through it. Files that name none are not asked. */
function floorTells(ground: Bay['ground'], { digging }: Matters): boolean {
  if (ground?.onFloor) return true;
  return digging && ground?.floor !== undefined && canBeDug(ground);
}
