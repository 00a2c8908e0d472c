/** Mends after new readings: done ones that now hold, held ones that were found open again. */
import { bayEffort } from '../effort/bay-effort';
import type { PartEffort } from '../effort/reason';
import { applyReadings, attributeKey, latestReadings } from '../place/apply-readings';
import { findBay } from '../place/find';
import type { Mend, MendState, Target } from '../place/mend';
import type { Place } from '../place/place';
import type { ReadingMethod, Walk } from '../place/walk';
import { animals } from '../tables/animals';
import { spotOf } from './spots';

export interface MendCheck {
  /** Targets not measured since the mend was done: what measuring again still has to ask. */
  readonly unread: readonly Target[];
  /** What still lets by an animal the mend was to stop; empty where none is. */
  readonly stillLetsBy: readonly PartEffort[];
  /** Judged as stopped, though over the stricter figure the mend was designed to. */
  readonly inDoubt: readonly PartEffort[];
  readonly holds: boolean;
}

/** Looks at the mended spot as it was last found, and at what has been read since it was done. */
export function checkMend(place: Place, walks: readonly Walk[], mend: Mend): MendCheck {
  const since = lastChange(mend, 'done')?.at;
  const latest = latestReadings(walks);
  const unread = mend.targets.filter((target) => {
    const read = latest.get(attributeKey(target.item, target.attribute))?.reading;
    return !read || since === undefined || read.at < since || !byHand.includes(read.how);
  });
  const parts = spotParts(applyReadings(place, walks).place, mend);
  const stillLetsBy = parts.filter((part) => part.minutes !== null);
  const inDoubt = parts.filter(
    (part) => part.reason.kind === 'opening' && part.reason.verdict === 'in-doubt',
  );
  return { unread, stillLetsBy, inDoubt, holds: unread.length === 0 && stillLetsBy.length === 0 };
}

/** A mend holds by tape or probe; what is estimated, remembered or said to be as elsewhere shows nothing of it. */
const byHand: readonly ReadingMethod[] = ['measured', 'probed'];

/** Every part at the mended spot against the animals it was to stop, unread gaps taken as open. */
function spotParts(found: Place, mend: Mend): PartEffort[] {
  const bay = findBay(found, mend.bay)?.bay;
  if (!bay) return [];
  return mend.stops
    .flatMap((id) => bayEffort(bay, animals[id], 'worst'))
    .filter((part) => {
      const spot = spotOf(found, part);
      return spot.kind === mend.spot.kind && spot.item === mend.spot.item;
    });
}

export function lastChange(mend: Mend, state: MendState): Mend['history'][number] | undefined {
  return [...mend.history].reverse().find((change) => change.state === state);
}

export function moveMend(mend: Mend, state: MendState, at: string, walk?: string): Mend {
  const change = { state, at, ...(walk && { walk }) };
  return { ...mend, state, history: [...mend.history, change] };
}

/** Mends whose state these readings change, already moved. `walk` is the one just read in. */
export function reviewMends(
  place: Place,
  walks: readonly Walk[],
  mends: readonly Mend[],
  at: string,
  walk: string,
): Mend[] {
  return mends.flatMap((mend) => {
    const next = nextState(place, walks, mend);
    return next && next !== mend.state ? [moveMend(mend, next, at, walk)] : [];
  });
}

function nextState(place: Place, walks: readonly Walk[], mend: Mend): MendState | undefined {
  if (mend.state === 'done') return checkMend(place, walks, mend).holds ? 'held' : undefined;
  if (mend.state !== 'held') return undefined;
  return checkMend(place, walks, mend).stillLetsBy.length > 0 ? 'open' : undefined;
}
