/** Zones: named, sized, stood elsewhere, raised, put into use, added and taken away. */
import { heightOf } from '../faces/zone-dress';
import { roofFaceOf } from '../faces/faces-of';
import { closeOutline } from '../outline';
import { roofOf } from '../find';
import { checkPacing, isPacing, type PacingProblem } from '../pacing';
import {
  type Bay,
  outside,
  type Face,
  type Outline,
  type Place,
  type Side,
  type Zone,
  type ZoneId,
  type ZoneKind,
} from '../place';
import { rectangle } from '../shapes/rectangle';
import type { Cover } from '../faces/zone-dress';
import type { NewId } from './cover';
import { setHeight } from './cover';
import { layAgain } from './lay-again';
import { withChanged } from './change-bay';
import { copyOf } from './posts';

/** What does not move a wall. */
export type ZoneWords = Pick<Zone, 'name' | 'moves' | 'inUse' | 'perch' | 'nests'>;

/** The place with other words for a zone. */
export function describeZone(place: Place, id: ZoneId, words: Partial<ZoneWords>): Place {
  return { ...place, zones: withChanged(place.zones, id, (zone) => ({ ...zone, ...words })) };
}

/** How many nights a pen stands on one spot; `undefined` where it is moved no longer. Its walls on the ground know it. */
export function setNights(place: Place, id: ZoneId, nights: number | undefined): Place {
  const told = (bay: Bay): Bay => {
    if (!bay.ground) return bay;
    const { nights: _, ...ground } = bay.ground;
    return { ...bay, ground: nights === undefined ? ground : { ...ground, nights } };
  };
  return {
    ...place,
    faces: place.faces.map((face) =>
      face.between.includes(id) ? { ...face, bays: face.bays.map(told) } : face,
    ),
  };
}

/** How many nights a pen stands on one spot, where its walls say so. */
export function nightsOf({ faces }: Place, id: ZoneId): number | undefined {
  return faces
    .filter((face) => face.between.includes(id))
    .flatMap(({ bays }) => bays)
    .find(({ ground }) => ground?.nights !== undefined)?.ground?.nights;
}

/** A pen that is moved no longer, or birds in it all year. */
export function forget(
  place: Place,
  id: ZoneId,
  what: 'moves' | 'inUse' | 'perch' | 'nests',
): Place {
  const less = ({ [what]: _, ...rest }: Zone): Zone => rest;
  return { ...place, zones: withChanged(place.zones, id, less) };
}

/** How high its walls are, mm; a wall between two zones follows the one it belongs to. */
export function setZoneHeight(place: Place, id: ZoneId, height: number): Place {
  const zone = place.zones.find((it) => it.id === id);
  if (!zone) return place;
  const base = zone.base ?? 0;
  const before = base + heightOf(zone);
  const after = base + height;
  return {
    ...place,
    zones: withChanged(place.zones, id, (it) => ({ ...it, height })),
    faces: place.faces.map((face) => {
      if (!face.between.includes(id)) return face;
      if (face.kind === 'wall' || face.kind === 'partition') {
        // A wall of another height was said to be so, or is another zone's.
        const bays = face.bays.map((it) => (it.height === before ? setHeight(it, after) : it));
        return { ...face, bays };
      }
      return face.kind === 'roof' && face.between[1] === id ? lifted(face, after) : face;
    }),
  };
}

const lifted = (face: Face, at: number): Face => ({
  ...face,
  bays: face.bays.map((bay) => ({
    ...bay,
    bands: bay.bands.map((band) => ({ ...band, from: at, to: at })),
  })),
});

/** Sides of these lengths; the first problem where they cannot be a perimeter, and then nothing is changed. */
export function setSides(
  place: Place,
  id: ZoneId,
  lengths: readonly number[],
  newId: NewId,
): Place | PacingProblem {
  const zone = place.zones.find((it) => it.id === id);
  if (!zone) return place;
  const sides = zone.outline.sides.map((side, index): Side => {
    const length = lengths[index] ?? side.length;
    const { entered: _, ...measured } = side;
    return length === side.length ? side : { ...measured, length };
  });
  const checked = checkPacing(sides);
  if (!isPacing(checked)) return checked;
  const outline: Outline = { ...zone.outline, sides };
  return layAgain(
    place,
    withChanged(place.zones, id, (it) => ({ ...it, outline })),
    newId,
  );
}

/** Stands a zone elsewhere, mm east and north; what hangs on it or lies under it goes along. */
export function moveZone(place: Place, id: ZoneId, by: { x: number; y: number }, newId: NewId) {
  const moved = new Set([id, ...companions(place, id)]);
  const zones = place.zones.map((zone) =>
    moved.has(zone.id) ? { ...zone, outline: shifted(zone.outline, by) } : zone,
  );
  return layAgain(place, zones, newId);
}

function shifted(outline: Outline, { x, y }: { x: number; y: number }): Outline {
  return { ...outline, start: { x: outline.start.x + x, y: outline.start.y + y } };
}

/** Nest boxes on a house and what is under it. */
function companions(place: Place, id: ZoneId): ZoneId[] {
  const kind = place.zones.find((zone) => zone.id === id)?.kind;
  if (kind !== 'house') return [];
  return place.zones
    .filter((zone) => zone.kind === 'nest-box' || zone.kind === 'under-house')
    .filter((zone) =>
      place.faces.some((f) => f.between.includes(id) && f.between.includes(zone.id)),
    )
    .map((zone) => zone.id);
}

/** A zone to be added, and where. */
export interface NewZone {
  readonly kind: ZoneKind;
  readonly name: string;
  /** The side of a zone it is built against, by id; its middle meets that side's middle. */
  readonly against: string;
  /** Within the zone of that side, or on its far side. */
  readonly within: boolean;
  /** Along that side and away from it, mm. */
  readonly width: number;
  readonly depth: number;
  readonly height?: number;
  readonly base?: number;
}

/** The place with a zone more, standing against a side of another. */
export function addZone(place: Place, it: NewZone, newId: NewId): Place {
  const id = newId('zone');
  const side = sideOf(place, it.against);
  if (!side) return place;
  const { kind, name, height, base } = it;
  const zone: Zone = {
    id,
    kind,
    name,
    outline: outlineAgainst(id, side, it),
    ...(height !== undefined && { height }),
    ...(base !== undefined && base > 0 && { base }),
  };
  return layAgain(place, [...place.zones, zone], newId);
}

function sideOf(place: Place, id: string) {
  for (const { outline } of place.zones) {
    const index = outline.sides.findIndex((side) => side.id === id);
    if (index < 0) continue;
    const { points } = closeOutline(outline);
    const [from, to] = [points[index], points[(index + 1) % points.length]];
    if (from && to) return { from, to };
  }
  return undefined;
}

/** A rectangle on the side, clockwise from where its front right corner stands. */
function outlineAgainst(
  id: ZoneId,
  { from, to }: NonNullable<ReturnType<typeof sideOf>>,
  { kind, name, within, width, depth }: NewZone,
): Outline {
  const length = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  const along = { x: (to.x - from.x) / length, y: (to.y - from.y) / length };
  // Outlines run clockwise: inside lies on the right.
  const inward = { x: along.y, y: -along.x };
  const heading = (Math.atan2(along.x, along.y) * 180) / Math.PI;
  const far = (length - width) / 2;
  const box = rectangle(
    id,
    { x: 0, y: 0, width, depth },
    kind === 'run' ? '' : name,
    kind === 'run' ? 'fence' : 'building',
  );
  // Within, its first side lies on the wall and it goes on to the right; beyond, its third side does.
  const start = within
    ? { x: from.x + along.x * far, y: from.y + along.y * far }
    : {
        x: from.x + along.x * far - inward.x * depth,
        y: from.y + along.y * far - inward.y * depth,
      };
  return { ...box, start, heading };
}

/** Takes a zone away. Birds that slept in it sleep elsewhere then: outside, where nobody says where. The last zone stays. */
export function dropZone(
  place: Place,
  id: ZoneId,
  newId: NewId,
  sleepsThen: ZoneId = outside,
): Place {
  if (place.zones.length === 1 || !place.zones.some((zone) => zone.id === id)) return place;
  const zones = place.zones.filter((zone) => zone.id !== id);
  const laid = layAgain(place, zones, newId);
  return {
    ...laid,
    flock: place.flock.map(({ days, ranging, ...group }) => ({
      ...group,
      sleeps: group.sleeps === id ? sleepsThen : group.sleeps,
      ...(days !== undefined && days !== id && { days }),
      ...(ranging && ranging.zone !== id && { ranging }),
    })),
  };
}

/** A roof over a zone or none; the walls under it end in it, or stand free. */
export function setRoof(
  place: Place,
  id: ZoneId,
  cover: readonly Cover[] | 'open',
  newId: NewId,
): Place {
  const zone = place.zones.find((it) => it.id === id);
  if (!zone) return place;
  const others = place.faces.filter((face) => face !== roofOf(place, id));
  const top = { kind: cover === 'open' ? ('open' as const) : ('roof' as const) };
  const walls = others.map((face) => {
    const isOwn =
      face.kind === 'wall' && face.between.includes(id) && face.between.includes(outside);
    return isOwn ? { ...face, bays: face.bays.map((bay) => ({ ...bay, top })) } : face;
  });
  if (cover === 'open') return { ...place, faces: walls };
  const roof = roofFaceOf(zone, place.zones, cover);
  const bays = roof.bays.map((bay) => copyOf(bay, newId, bay.name));
  return { ...place, faces: [...walls, { ...roof, id: newId('roof'), bays }] };
}

/** A roof of more than one kind: its last part is halved, and the new half said for itself. */
export function addRoofPart(place: Place, id: ZoneId, newId: NewId): Place {
  const roof = roofOf(place, id);
  const last = roof?.bays.at(-1);
  if (!roof || !last) return place;
  const half = { ...last, width: last.width / 2 };
  const stem = roof.bays[0]?.name ?? last.name;
  const more = copyOf(half, newId, `${stem} ${roof.bays.length + 1}`);
  const bays = [...roof.bays.slice(0, -1), half, more];
  return { ...place, faces: place.faces.map((it) => (it === roof ? { ...roof, bays } : it)) };
}
