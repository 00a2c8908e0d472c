/** A place in which a forgotten round leaves just these doors open: for judging any one of the cases of a night. */
import { isOfTheRound, shutsItself } from '../effort/doors';
import type { RoundCase } from './round-cases';
import { memoized } from '../memo';
import type { Face, Opening, Place } from '../place/place';

const kept = memoized((_: Place) => new Map<string, Place>());
const keptFaces = memoized((_: Face) => new Map<string, Face>());

/** Doors left open, and of them those that somebody saw open. */
type Left = Pick<RoundCase, 'open' | 'seen'>;

/** The same place for the same doors; what no door changes of stays the same object. */
export function withLeftOpen(place: Place, left: Left): Place {
  const key = keyOf([...left.open].sort(), left);
  const known = kept(place).get(key);
  if (known) return known;
  const made = { ...place, faces: place.faces.map((face) => faceWith(face, left)) };
  kept(place).set(key, made);
  return made;
}

const keyOf = (open: readonly string[], { seen }: Left): string =>
  `${open.join(' ')}\n${open.filter((id) => seen?.has(id)).join(' ')}`;

function faceWith(face: Face, left: Left): Face {
  const doors = face.bays.flatMap(({ openings }) => openings);
  const changed = doors.filter((door) => withOne(door, left) !== door);
  if (changed.length === 0) return face;
  const key = keyOf(
    doors.map(({ id }) => id).filter((id) => left.open.has(id)),
    left,
  );
  const known = keptFaces(face).get(key);
  if (known) return known;
  const made = {
    ...face,
    bays: face.bays.map((bay) =>
      bay.openings.some((door) => changed.includes(door))
        ? { ...bay, openings: bay.openings.map((door) => withOne(door, left)) }
        : bay,
    ),
  };
  keptFaces(face).set(key, made);
  return made;
}

function withOne(door: Opening, { open, seen }: Left): Opening {
  if (door.habit !== 'every-night') return door;
  if (!open.has(door.id)) return isOfTheRound(door) ? { ...door, byDay: 'shut' } : door;
  // What falls shut by itself has done so, unless it was seen open.
  if (isOfTheRound(door) && !(shutsItself(door) && seen?.has(door.id))) return door;
  const { letGo: _, ...others } = door;
  // One that stands shut by day and was left open all the same.
  return isOfTheRound(door) ? others : { ...others, byDay: 'open' };
}
