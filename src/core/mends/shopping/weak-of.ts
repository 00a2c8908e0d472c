/** The weak spot that a mend in hand is for, as it was last found: what its amounts are reckoned from. */
import { bayEffort } from '../../effort/bay-effort';
import { findBay } from '../../place/find';
import { lineBays } from '../../place/line-bays';
import type { Mend } from '../../records/mend';
import { getOrMake, memoized } from '../../memo';
import type { Bay, Place } from '../../place/place';
import { animals } from '../../tables/animals';
import { spotOf } from '../spots';
import type { WeakSpot } from '../weak-spot';
import { wideZone } from '../weak-zone';

/** A plan asks the same of a mend for every set that it is in. */
const kept = memoized((_: Place) => new WeakMap<Mend, WeakSpot>());

/** `undefined` where its bay has been taken away. */
export function weakOf(found: Place, mend: Mend): WeakSpot | undefined {
  const bay = findBay(found, mend.bay)?.bay;
  return bay && getOrMake(kept(found), mend, () => weakIn(found, bay, mend));
}

function weakIn(found: Place, bay: Bay, mend: Mend): WeakSpot {
  const { spot, stops } = mend;
  const parts = stops
    .flatMap((id) => bayEffort(bay, animals[id], 'best'))
    .filter((part) => {
      const own = spotOf(found, part);
      return part.minutes !== null && own.kind === spot.kind && own.item === spot.item;
    });
  const zone = found.zones.find(({ id }) => id === spot.item);
  return {
    spot,
    bay,
    parts,
    letsBy: stops,
    ...(zone && { zone: wideZone(found, zone, spot.kind) }),
    ...(mend.kind === 'first-line' && { along: lineBays(found) }),
  };
}
