/** The ground within a zone goes right across: what is read of it is read once, from inside, for all walls that stand on it. */
import { groupedBy } from '../grouped-by';
import { memoized } from '../memo';
import { allBays } from './find';
import { outside, type Bay, type BayId, type Face, type Place, type ZoneId } from './place';

/** Walls on the ground round one zone, of a wall between two zones the house whose wall it is, else the one that is named first. */
export interface Floor {
  readonly zone: ZoneId;
  readonly bays: readonly Bay[];
}

/** By each bay that stands on the ground of a zone, what it stands on. */
export const floorsOf = memoized((place: Place): ReadonlyMap<BayId, Floor> => {
  const houses = new Set(place.zones.flatMap(({ id, kind }) => (kind === 'house' ? [id] : [])));
  const standing = allBays(place).flatMap(({ bay, face }) => {
    const own = bay.ground?.onFloor && face.between.find((it) => houses.has(it));
    const zone = own ?? zoneInside(face);
    return bay.ground && zone !== undefined ? [{ bay, zone }] : [];
  });
  const floors = new Map<BayId, Floor>();
  for (const [zone, own] of groupedBy(standing, (it) => it.zone)) {
    const floor: Floor = { zone, bays: own.map(({ bay }) => bay) };
    for (const { id } of floor.bays) floors.set(id, floor);
  }
  return floors;
});

const zoneInside = ({ between }: Face): ZoneId | undefined => between.find((it) => it !== outside);

/** By the space under a house that is open to a run, that run: one looks in from there. */
export function lookedIntoFrom({ zones, faces }: Place): ReadonlyMap<ZoneId, ZoneId> {
  const kinds = new Map(zones.map(({ id, kind }) => [id, kind]));
  const isOpen = ({ bays }: Face) =>
    bays.length > 0 && bays.every(({ bands }) => bands.length === 0);
  return new Map(
    faces.filter(isOpen).flatMap(({ between }) => {
      const under = between.find((it) => kinds.get(it) === 'under-house');
      const run = between.find((it) => kinds.get(it) === 'run');
      return under !== undefined && run !== undefined ? [[under, run] as const] : [];
    }),
  );
}
