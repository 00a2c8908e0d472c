/**
 * Files and records of older versions, brought up to this one. A step changes only what its version changed and checks
 * nothing: what it does not understand it hands on, for the schema to refuse in a sentence.
 */
import type { Opening } from '../place/bay';
import { isFixed, unreadCover } from '../place/opening-cover';
import { formatVersion } from './place-file';

type Json = Readonly<Record<string, unknown>>;

/** From each version to the next, of a place. */
const placeSteps: Readonly<Record<number, (place: Json) => Json>> = {
  // Version 2: what lies near; strands' heights may be unknown.
  1: (place) => ({
    ...place,
    setting: isObject(place.setting) ? { ...place.setting, near: [] } : place.setting,
    faces: each(place.faces, (face) => ({
      ...face,
      bays: each(face.bays, (bay) => ({ ...bay, strands: each(bay.strands, knownStrand) })),
    })),
  }),
  // Version 3 only added what may be left out: heights and bases, pens that move, names of groups, a position.
  2: (place) => place,
  // Version 4 only added to walks: what they are for, which way round, what was put off, what is looked at beside.
  3: (place) => place,
  // Version 5 only added: more kinds of mends, the keeper's own, bays that stand ready for one, readings of top edges and doors.
  4: (place) => place,
  // Version 6 only added: the keeper's prices and offcuts, and what a mend is due, done by and spent.
  5: (place) => place,
  // Version 7: every opening that shuts is made of something; nobody has said of what.
  6: (place) => ({
    ...place,
    faces: each(place.faces, (face) => ({
      ...face,
      bays: each(face.bays, (bay) => ({ ...bay, openings: each(bay.openings, withCoverUnread) })),
    })),
  }),
  // Version 8: a zone may be in use for several stretches of the year.
  7: (place) => ({
    ...place,
    zones: each(place.zones, (zone) =>
      isObject(zone.inUse) ? { ...zone, inUse: [zone.inUse] } : zone,
    ),
  }),
  // Version 9 only added to a place: finer regions, what stands round it, how it has gone so far. Losses: see `migratedEntry`.
  8: (place) => place,
  // Version 10 only added to the log: evenings, nights away, birds that learn, young near; more of a loss.
  9: (place) => place,
  // Version 11 only added: how the line is made, what is read along it, more that touches it, how it passes doors.
  10: (place) => place,
  // Version 12 only added: timber along the ground.
  11: (place) => place,
};

/** Left as it is where it is not what an older version wrote: the schema says so. */
function withCoverUnread(opening: Json): Json {
  const { id, kind, shutBy, cover } = opening;
  if (cover !== undefined || typeof id !== 'string') return opening;
  const isFixedOne = isFixed({ kind, shutBy } as Pick<Opening, 'kind' | 'shutBy'>);
  return isFixedOne ? opening : { ...opening, cover: [unreadCover(id)] };
}

function knownStrand(strand: Json): Json {
  const known = (value: unknown) => (typeof value === 'number' ? { is: value } : value);
  return { ...strand, height: known(strand.height), standOff: known(strand.standOff) };
}

/** A place as an older version wrote it. */
export function migratedPlace(place: unknown, version: number): unknown {
  if (!isObject(place)) return place;
  let current: Json = place;
  for (let from = version; from < formatVersion; from += 1) {
    current = placeSteps[from]?.(current) ?? current;
  }
  return current;
}

/** A whole file. A version that never was is left for the schema to refuse. */
export function migratedFile(file: Json): Json {
  const { version } = file;
  if (typeof version !== 'number' || placeSteps[version] === undefined) return file;
  return {
    ...file,
    version: formatVersion,
    place: migratedPlace(file.place, version),
    // Version 2: a log of sightings.
    sightings: Array.isArray(file.sightings)
      ? file.sightings.map((entry) => migratedEntry(entry, version))
      : (file.sightings ?? []),
  };
}

/** Version 9: a loss is an entry of its own, of so many birds; what was logged before counted as one. */
export function migratedEntry(entry: unknown, version: number): unknown {
  if (version >= 9 || !isObject(entry)) return entry;
  if (entry.what !== 'sighting' || entry.how !== 'loss') return entry;
  const { how: _, ...others } = entry;
  return { ...others, what: 'loss', birds: 1 };
}

function each(list: unknown, change: (item: Json) => Json): unknown {
  return Array.isArray(list)
    ? list.map((item: unknown) => (isObject(item) ? change(item) : item))
    : list;
}

function isObject(value: unknown): value is Json {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
