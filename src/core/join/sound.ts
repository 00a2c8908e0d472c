/** Parts of a place that were joined may not fit each other: birds that sleep in a house which the other keeper took away. */
import type { PlaceRecords } from '../formats/place-file';
import { readyFor } from '../mends/plan/with-mends';
import { outside, type Group, type Place } from '../place/place';

/**
 * The place as it can be judged: birds whose house is gone sleep outside until somebody says where, and whatever a mend of either phone adds
 * stands ready in the structure that was taken.
 */
export function joinSound({ place, mends }: Pick<PlaceRecords, 'place' | 'mends'>): Place {
  const zones = new Set([outside, ...place.zones.map(({ id }) => id)]);
  const isThere = (zone: string | undefined) => zone === undefined || zones.has(zone);
  const isSound = (group: Group) => [group.sleeps, group.days, group.ranging?.zone].every(isThere);
  const housed = place.flock.every(isSound)
    ? place
    : {
        ...place,
        flock: place.flock.map((group) => (isSound(group) ? group : moved(group, isThere))),
      };
  return readyFor(housed, mends);
}

function moved(
  { days, ranging, ...group }: Group,
  isThere: (zone: string | undefined) => boolean,
): Group {
  return {
    ...group,
    sleeps: isThere(group.sleeps) ? group.sleeps : outside,
    ...(days !== undefined && isThere(days) && { days }),
    ...(ranging && isThere(ranging.zone) && { ranging }),
  };
}
