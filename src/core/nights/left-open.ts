/** A place in which a forgotten round leaves just these doors open: for judging any one of the cases of a night. */
import { isOfTheRound, shutsItself } from '../effort/doors';
import { memoized } from '../memo';
import type { Face, Opening, Place } from '../place/place';

const kept = memoized((_: Place) => new Map<string, Place>());
const keptFaces = memoized((_: Face) => new Map<string, Face>());

/** The same place for the same doors; what no door changes of stays the same object. */
export function withLeftOpen(place: Place, open: ReadonlySet<string>): Place {
  const key = [...open].sort().join(' ');
  const known = kept(place).get(key);
  if (known) return known;
  const made = { ...place, faces: place.faces.map((face) => faceWith(face, open)) };
  kept(place).set(key, made);
  return made;
}

function faceWith(face: Face, open: ReadonlySet<string>): Face {
  const doors = face.bays.flatMap(({ openings }) => openings);
  const changed = doors.filter((door) => withOne(door, open) !== door);
  if (changed.length === 0) return face;
  const key = doors
    .filter(({ id }) => open.has(id))
    .map(({ id }) => id)
    .join(' ');
  const known = keptFaces(face).get(key);
  if (known) return known;
  const made = {
    ...face,
    bays: face.bays.map((bay) =>
      bay.openings.some((door) => changed.includes(door))
        ? { ...bay, openings: bay.openings.map((door) => withOne(door, open)) }
        : bay,
    ),
  };
  keptFaces(face).set(key, made);
  return made;
}

function withOne(door: Opening, open: ReadonlySet<string>): Opening {
  if (door.habit !== 'every-night') return door;
  if (!open.has(door.id)) return isOfTheRound(door) ? { ...door, letGo: 'falls-shut' } : door;
  if (isOfTheRound(door) && !shutsItself(door)) return door;
  const { letGo: _, ...others } = door;
  // One that stands shut by day and was left open all the same.
  return isOfTheRound(door) ? others : { ...others, byDay: 'open' };
}
