/** The lap: the outer wall unrolled into one strip, bay after bay from the gate, with where each bay stands in the plan. */
import type { Bay, Face, Place, Zone } from './place';
import { findGateIndex } from './gate';
import { isOutermost } from './find';
import { answersBy, memoized } from '../memo';
import { closeOutline, type Point } from './outline';
import { wallsMeet } from '../tables/counting';

/** A bay where it stands on the lap and in the plan; mm. */
export interface LapBay {
  readonly bay: Bay;
  readonly face: Face;
  readonly sideName: string;
  /** Along the lap from the gate, mm. */
  readonly from: number;
  readonly to: number;
  /** Its two posts in the plan. */
  readonly start: Point;
  readonly end: Point;
}

/** The outer wall as one strip; mm. */
export interface Lap {
  readonly bays: readonly LapBay[];
  readonly length: number;
}

/**
 * Bays of the outer wall in the order in which they are walked, starting at the gate: each wall follows the one whose end it
 * begins at. A place of several pieces is walked piece by piece. A raised wall stands above what is on the ground below it.
 */
export const lapOf = laidOut((place) => {
  const walls = wallsOf(place, (face) => face.kind === 'wall' && isOutermost(face));
  const onGround = walls.filter((wall) => !walls.some((other) => standsOn(wall, other)));
  const above = walls.filter((wall) => !onGround.includes(wall));
  return unroll(
    walkedRound(onGround).flatMap((wall) => wall.bays),
    above.flatMap((wall) => wall.bays),
  );
});

/** The walls between zones, in the order in which they were paced. */
export const innerWalls = laidOut((place) =>
  unroll(
    wallsOf(place, (face) => face.kind === 'partition').flatMap((wall) => wall.bays),
    [],
  ),
);

interface Laid {
  readonly faces: readonly Face[];
  readonly lap: Lap;
}

/** A reading moves no wall: the lap is laid out anew only where walls stand otherwise than the last time. */
function laidOut(layOut: (place: Place) => Lap): (place: Place) => Lap {
  const last = answersBy<Place['zones'], Laid>();
  return memoized((place: Place): Lap => {
    const { zones, faces } = place;
    const before = last.get(zones);
    const lap = (before && withFaces(before, faces)) ?? layOut(place);
    last.set(zones, { faces, lap });
    return lap;
  });
}

/** The same lap of walls that are read otherwise; `undefined` where they stand otherwise. */
function withFaces({ faces: before, lap }: Laid, faces: readonly Face[]): Lap | undefined {
  if (faces.length !== before.length) return undefined;
  const now = new Map<Face, Face>();
  for (const [index, face] of faces.entries()) {
    const was = before[index] as Face;
    if (was === face) continue;
    if (!standsAlike(was, face)) return undefined;
    now.set(was, face);
  }
  const bays = lap.bays.map((it): LapBay => {
    const face = now.get(it.face);
    const bay = face?.bays[it.face.bays.indexOf(it.bay)];
    return face && bay ? { ...it, face, bay } : it;
  });
  return { ...lap, bays };
}

/** In the same place, as wide and as high above the ground, with the same openings: by those the gate is found. */
function standsAlike(a: Face, b: Face): boolean {
  return (
    a.kind === b.kind &&
    a.along === b.along &&
    a.from === b.from &&
    a.between.every((zone, index) => zone === b.between[index]) &&
    a.bays.length === b.bays.length &&
    a.bays.every((bay, index) => {
      const other = b.bays[index] as Bay;
      return bay === other || isAsWide(bay, other);
    })
  );
}

const isAsWide = (a: Bay, b: Bay): boolean =>
  a.width === b.width &&
  a.base === b.base &&
  a.openings.length === b.openings.length &&
  a.openings.every(({ kind }, index) => kind === b.openings[index]?.kind);

type Placed = Omit<LapBay, 'from' | 'to'>;

/** A face with its bays in the plan. */
interface Wall {
  readonly face: Face;
  readonly bays: readonly Placed[];
  readonly start: Point;
  readonly end: Point;
}

/** Chains walls end to start, the wall with the gate first. */
function walkedRound(walls: readonly Wall[]): Wall[] {
  const gate = findGateIndex(walls.map(({ bays }) => bays.map(({ bay }) => bay)));
  const rest = [...walls.slice(gate), ...walls.slice(0, gate)];
  const walked: Wall[] = [];
  for (let next = rest.shift(); next; next = rest.splice(followerOf(next, rest), 1)[0]) {
    walked.push(next);
  }
  return fromGateBay(walked);
}

/** The wall that begins where this one ends; where none does, the next in file order. */
function followerOf({ end }: Wall, rest: readonly Wall[]): number {
  const away = rest.map(({ start }) => Math.hypot(start.x - end.x, start.y - end.y));
  const nearest = Math.min(...away);
  return nearest <= wallsMeet.value ? away.indexOf(nearest) : 0;
}

/** Where the gate is not in the first bay of its wall, the bays before it come last. */
function fromGateBay(walls: Wall[]): Wall[] {
  const [first, ...rest] = walls;
  const gate = first ? findGateIndex(first.bays.map(({ bay }) => [bay])) : 0;
  if (!first || gate === 0) return walls;
  return [
    { ...first, bays: first.bays.slice(gate) },
    ...rest,
    { ...first, bays: first.bays.slice(0, gate) },
  ];
}

/** `above`: bays drawn over the ones they stand on; they add nothing to the length. */
function unroll(placed: readonly Placed[], above: readonly Placed[]): Lap {
  let walked = 0;
  const bays = placed.map((it): LapBay => {
    const from = walked;
    walked += it.bay.width;
    return { ...it, from, to: walked };
  });
  const raised = above.flatMap((it) => {
    const under = bays.find((low) => farAlong(low, it.start) !== undefined);
    const far = under && farAlong(under, it.start);
    if (!under || far === undefined) return [];
    const from = under.from + far;
    return [{ under, bay: { ...it, from, to: from + it.bay.width } }];
  });
  const inOrder = bays.flatMap((low) => [
    low,
    ...raised.filter(({ under }) => under === low).map(({ bay }) => bay),
  ]);
  return { bays: inOrder, length: walked };
}

function standsOn(wall: Wall, other: Wall): boolean {
  const [high] = wall.bays;
  const [low] = other.bays;
  if (!high || !low || (high.bay.base ?? 0) <= (low.bay.base ?? 0)) return false;
  return other.bays.some((it) => farAlong(it, high.start) !== undefined);
}

/** How far from the bay's first post the point lies on it, mm; `undefined` where it does not, or only at its far end. */
function farAlong({ start, end, bay }: Placed, point: Point): number | undefined {
  const length = Math.hypot(end.x - start.x, end.y - start.y) || 1;
  const along = { x: (end.x - start.x) / length, y: (end.y - start.y) / length };
  const far = (point.x - start.x) * along.x + (point.y - start.y) * along.y;
  const aside = (point.x - start.x) * along.y - (point.y - start.y) * along.x;
  const slip = 60;
  const isOn = Math.abs(aside) < slip && far > -slip && far < length - slip;
  return isOn ? (Math.max(0, far) * bay.width) / length : undefined;
}

function wallsOf(place: Place, wanted: (face: Face) => boolean): Wall[] {
  return place.zones.flatMap((zone) => wallsAlong(zone, place.faces, wanted));
}

function wallsAlong(zone: Zone, faces: readonly Face[], wanted: (face: Face) => boolean): Wall[] {
  const { points } = closeOutline(zone.outline);
  return zone.outline.sides.flatMap((side, index) => {
    const here = points[index];
    const next = points[(index + 1) % points.length];
    if (!here || !next) return [];
    let walked = 0;
    const placed = faces
      .filter((face) => face.along === side.id)
      .map((face) => {
        const from = face.from ?? walked;
        walked = from + face.bays.reduce((sum, bay) => sum + bay.width, 0);
        return { face, from, to: walked };
      });
    // Bays are measured, the side is adjusted: share the side out by measured widths.
    const isPlaced = placed.some(({ face }) => face.from !== undefined);
    const total = isPlaced ? side.length : Math.max(...placed.map(({ to }) => to));
    const at = (far: number): Point => between(here, next, total === 0 ? 0 : far / total);
    return placed
      .filter(({ face }) => wanted(face) && face.bays.length > 0)
      .map(({ face, from, to }): Wall => {
        let far = from;
        const bays = face.bays.map((bay): Placed => {
          const start = at(far);
          far += bay.width;
          return { bay, face, sideName: side.name, start, end: at(far) };
        });
        return { face, bays, start: at(from), end: at(to) };
      });
  });
}

function between(a: Point, b: Point, share: number): Point {
  return { x: a.x + (b.x - a.x) * share, y: a.y + (b.y - a.y) * share };
}
