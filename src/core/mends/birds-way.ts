/** Doors that the birds go in and out by: no mend shuts them by day. */
import { standsOpen } from '../effort/doors';
import type { Face, Opening, OpeningKind, Place, ZoneId } from '../place/place';
import { whereabouts } from '../score/scenario';

/** Made for birds, whatever else stands open beside it. */
const birdsDoors: readonly OpeningKind[] = ['pop-door', 'pass-through'];

/**
 * Whether birds need it open by day: their own door, one that is opened for them to range, or the first that stands open between
 * where they sleep, where they are by day and where they range.
 */
export function isBirdsWay(place: Place, door: Opening): boolean {
  if (isTheirs(door)) return true;
  const face = place.faces.find(({ bays }) =>
    bays.some(({ openings }) => openings.some(({ id }) => id === door.id)),
  );
  if (!face || !trips(place).some((trip) => isBetween(face, trip))) return false;
  const open = place.faces
    .filter((it) => isBetween(it, face.between))
    .flatMap(({ bays }) => bays.flatMap(({ openings }) => openings))
    .filter((it) => standsOpen(it, 'ranging'));
  // Of several that none is made for birds one must stay theirs, whichever mends are made.
  return !open.some(isTheirs) && open[0]?.id === door.id;
}

const isTheirs = ({ kind, byDay }: Opening): boolean =>
  birdsDoors.includes(kind) || byDay === 'open-while-ranging';

type Trip = readonly [from: ZoneId, to: ZoneId];

/** From where each group sleeps to where it is by day, and on to where it ranges. */
function trips(place: Place): Trip[] {
  return whereabouts(place, 'day-run').flatMap(({ group, zone }): Trip[] => [
    [group.sleeps, zone],
    ...(group.ranging ? [[zone, group.ranging.zone] as const] : []),
  ]);
}

const isBetween = ({ between: [a, b] }: Pick<Face, 'between'>, [from, to]: Trip): boolean =>
  (a === from && b === to) || (a === to && b === from);
