/** Mends after new readings: done ones that now hold, held ones that were found open again. */
import { isAddedAt } from '../records/added-id';
import { bayEffort } from '../effort/bay-effort';
import type { PartEffort } from '../effort/reason';
import { applyReadings, attributeKey, type FoundPlace } from '../records/apply-readings';
import { findItem } from '../place/find';
import type { Mend, MendState, Target, TargetValue } from '../records/mend';
import type { SpotKind } from '../place/spot';
import type { Bay, Place } from '../place/place';
import { bounds, type PossibleAmount } from '../place/possible';
import type { Reading, ReadingMethod, Walk } from '../records/walk';
import { answersBy, getOrMake } from '../memo';
import { animals, type AnimalId } from '../tables/animals';
import { wireTolerance } from '../tables/shocking';
import { spotOf } from './spots';

/** What measuring again has found of a mend. */
export interface MendCheck {
  /** Targets not measured since the mend was done: what measuring again still has to ask. */
  readonly unread: readonly Target[];
  /** What still lets by an animal the mend was to stop; empty where none is. */
  readonly stillLetsBy: readonly PartEffort[];
  /** Judged as stopped, though over the stricter figure the mend was designed to. */
  readonly inDoubt: readonly PartEffort[];
  /** Read, and not as it was to be, where no body's size decides: a wire's height, volts, how a door stands. */
  readonly unmet: readonly Target[];
  readonly holds: boolean;
}

/** Looks at the mended spot as it was last found, and at what has been read since it was done. */
export function checkMend({ place, provenance: latest }: FoundPlace, mend: Mend): MendCheck {
  const since = lastChange(mend, 'done')?.at;
  const unread = mend.targets.filter((target) => {
    const read = latest.get(attributeKey(target.item, target.attribute))?.reading;
    return !read || since === undefined || read.at < since || !byHand.includes(read.how);
  });
  const parts = spotParts(place, mend);
  const unmet = asWritten.includes(mend.spot.kind)
    ? mend.targets.filter((target) => {
        const read = latest.get(attributeKey(target.item, target.attribute))?.reading;
        return read && !isMet(target.value, read.value);
      })
    : [];
  const stillLetsBy = parts.filter((part) => part.minutes !== null);
  const inDoubt = parts.filter(
    (part) => part.reason.kind === 'opening' && part.reason.verdict === 'in-doubt',
  );
  const holds = unread.length === 0 && stillLetsBy.length === 0 && unmet.length === 0;
  return { unread, stillLetsBy, inDoubt, unmet, holds };
}

/** Spots at which nothing gives way or holds by itself: they turn tries back, or are a habit. */
const asWritten: readonly SpotKind[] = ['habit', 'strand', 'fence'];

function isMet(target: TargetValue, value: Reading['value']): boolean {
  if (value === 'cannot-tell') return false;
  if ('is' in target) return 'is' in value && value.is === target.is;
  if ('is' in value && typeof value.is === 'string') return false;
  const [low, high] = bounds(value as PossibleAmount, [0, Infinity]);
  if ('atMost' in target) return high <= target.atMost;
  if ('atLeast' in target) return low >= target.atLeast;
  const tolerance = wireTolerance.value;
  return low >= target.near - tolerance && high <= target.near + tolerance;
}

/** A mend holds by tape or probe; what is estimated, remembered or said to be as elsewhere shows nothing of it. */
const byHand: readonly ReadingMethod[] = ['measured', 'probed'];

/** Every part at the mended spot against the animals it was to stop, unread gaps taken as open. */
function spotParts(found: Place, mend: Mend): PartEffort[] {
  const items = [mend.bay, ...mend.targets.map(({ item }) => item)];
  const bays = new Set(items.flatMap((item) => findItem(found, item)?.bay ?? []));
  return [...bays].flatMap((bay) =>
    mend.stops
      .flatMap((id) => partsAtWorst(bay, id))
      .filter((part) => isOfMend(found, bay, mend, part)),
  );
}

const atWorst = answersBy<Bay, Map<AnimalId, readonly PartEffort[]>>();

/** Of a bay many mends may have been made, each looked at again with every reading. */
function partsAtWorst(bay: Bay, id: AnimalId): readonly PartEffort[] {
  const byAnimal = getOrMake(atWorst, bay, () => new Map<AnimalId, readonly PartEffort[]>());
  return getOrMake(byAnimal, id, () => bayEffort(bay, animals[id], 'worst'));
}

function isOfMend(found: Place, bay: Bay, { spot }: Mend, part: PartEffort): boolean {
  const own = spotOf(found, part);
  // Of a whole zone: every bay it was to change, and all of a roof that it brought.
  if (found.zones.some(({ id }) => id === spot.item)) {
    return own.kind === spot.kind || bay.ready === true;
  }
  // What was bare is covered since, and is judged as mesh.
  if (spot.kind === 'bare' && own.kind === 'mesh') {
    return own.item === spot.item || isAddedAt(spot.item, own.item);
  }
  return own.kind === spot.kind && own.item === spot.item;
}

/** The last time it came to a state. */
export function lastChange(mend: Mend, state: MendState): Mend['history'][number] | undefined {
  return [...mend.history].reverse().find((change) => change.state === state);
}

/** The mend in another state, with the stamp (ISO 8601) and the walk that decided. */
export function moveMend(mend: Mend, state: MendState, at: string, walk?: string): Mend {
  const change = { state, at, ...(walk && { walk }) };
  return { ...mend, state, history: [...mend.history, change] };
}

/** Mends whose state these readings change, already moved. The readings are laid over the place once. `walk` is the one just read in. */
export function reviewMends(
  place: Place,
  walks: readonly Walk[],
  mends: readonly Mend[],
  at: string,
  walk: string,
): Mend[] {
  const found = applyReadings(place, walks);
  return mends.flatMap((mend) => {
    const next = nextState(found, mend);
    return next && next !== mend.state ? [moveMend(mend, next, at, walk)] : [];
  });
}

function nextState(found: FoundPlace, mend: Mend): MendState | undefined {
  if (mend.state === 'done') return checkMend(found, mend).holds ? 'held' : undefined;
  if (mend.state !== 'held') return undefined;
  const { stillLetsBy, unmet } = checkMend(found, mend);
  return stillLetsBy.length > 0 || unmet.length > 0 ? 'open' : undefined;
}
