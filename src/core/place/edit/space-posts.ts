/** Posts of a zone's fence set as far apart as the keeper says. */
import { outside, type Bay, type Face, type Opening, type Place, type ZoneId } from '../place';
import type { NewId } from './cover';
import { copyOf, leastBay } from './posts';

/**
 * Every wall of the zone in bays of one width, as near to the spacing as comes out even. Bays there were stay, in their order; more
 * are like the last one. Openings stay where they are along the wall.
 */
export function spacePosts(place: Place, id: ZoneId, spacing: number, newId: NewId): Place {
  // A house within or beside a run has walls of its own.
  const open = new Set<ZoneId>([
    outside,
    ...place.zones.filter(({ kind }) => kind === 'run').map((zone) => zone.id),
  ]);
  const isWall = ({ kind, between }: Face) =>
    (kind === 'wall' || kind === 'partition') &&
    between.includes(id) &&
    between.every((zone) => zone === id || open.has(zone));
  return {
    ...place,
    faces: place.faces.map((face) => (isWall(face) ? spaced(face, spacing, newId) : face)),
  };
}

function spaced(face: Face, spacing: number, newId: NewId): Face {
  const length = face.bays.reduce((sum, { width }) => sum + width, 0);
  // No post stands in a gate: bays are as wide as the widest opening at least.
  const widest = Math.max(
    leastBay,
    ...face.bays.flatMap(({ openings }) => openings.map((it) => it.width)),
  );
  const most = Math.max(1, Math.floor(length / widest));
  const count = Math.min(most, Math.max(1, Math.round(length / Math.max(spacing, 1))));
  const last = face.bays.at(-1);
  if (!last || count === face.bays.length) return face;
  const width = length / count;
  const stem = face.bays.length === 1 ? last.name : undefined;
  const all = openingsAlong(face.bays);
  const bays = Array.from({ length: count }, (_, index): Bay => {
    const kept = face.bays[index];
    const name = nameAfter((kept ?? last).name, index + 1);
    const bay = kept
      ? { ...kept, name: kept.name === stem ? name : kept.name }
      : copyOf(last, newId, name);
    const from = index * width;
    const openings = all
      .filter(({ middle }) => Math.min(count - 1, Math.floor(middle / width)) === index)
      .map(({ opening, at }) => within(opening, at - from, width));
    return { ...bay, width, openings };
  });
  return { ...face, bays };
}

function openingsAlong(bays: readonly Bay[]) {
  let walked = 0;
  return bays.flatMap((bay) => {
    const from = walked;
    walked += bay.width;
    return bay.openings.map((opening) => ({
      opening,
      at: from + opening.at,
      middle: from + opening.at + opening.width / 2,
    }));
  });
}

function within(opening: Opening, at: number, room: number): Opening {
  const width = Math.min(opening.width, room);
  return { ...opening, width, at: Math.min(Math.max(at, 0), room - width) };
}

/** "front 3" after "front 2"; "front 2" after "front". */
function nameAfter(name: string, number: number): string {
  return `${name.replace(/ \d+$/, '')} ${number}`;
}
