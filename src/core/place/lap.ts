/** The lap: the outer wall unrolled into one strip, bay after bay from the gate, with where each bay stands in the plan. */
import type { Bay, Face, Place, Zone } from './place';
import { findGateIndex } from './gate';
import { isOutermost } from './find';
import { keptFor } from './kept';
import { closeOutline, type Point } from './outline';

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

export interface Lap {
  readonly bays: readonly LapBay[];
  readonly length: number;
}

/** Bays of the outer wall in the order in which they are walked, starting at the gate. */
export const lapOf = keptFor((place: Place): Lap => {
  const walls = wallBays(place, (face) => face.kind === 'wall' && isOutermost(face));
  const gate = findGateIndex(walls.map((wall) => wall.bay));
  return unroll([...walls.slice(gate), ...walls.slice(0, gate)]);
});

/** The walls between the run and the house, in the order in which the house was paced. */
export const innerWalls = keptFor((place: Place): Lap =>
  unroll(wallBays(place, (face) => face.kind === 'partition')),
);

type Placed = Omit<LapBay, 'from' | 'to'>;

function unroll(placed: readonly Placed[]): Lap {
  let walked = 0;
  const bays = placed.map(({ bay, face, sideName, start, end }) => {
    const from = walked;
    walked += bay.width;
    return { bay, face, sideName, from, to: walked, start, end };
  });
  return { bays, length: walked };
}

function wallBays(place: Place, wanted: (face: Face) => boolean): Placed[] {
  return place.zones.flatMap((zone) => sideBays(zone, place.faces.filter(wanted)));
}

function sideBays(zone: Zone, faces: readonly Face[]): Placed[] {
  const { points } = closeOutline(zone.outline);
  return zone.outline.sides.flatMap((side, index) => {
    const here = points[index];
    const next = points[(index + 1) % points.length];
    if (!here || !next) return [];
    const onSide = faces.filter((face) => face.along === side.id);
    const total = onSide.flatMap((face) => face.bays).reduce((sum, bay) => sum + bay.width, 0);
    let walked = 0;
    return onSide.flatMap((face) =>
      face.bays.map((bay) => {
        // Bays are measured, the side is adjusted: share the side out by measured widths.
        const start = between(here, next, walked / total);
        walked += bay.width;
        return { bay, face, sideName: side.name, start, end: between(here, next, walked / total) };
      }),
    );
  });
}

function between(a: Point, b: Point, share: number): Point {
  return { x: a.x + (b.x - a.x) * share, y: a.y + (b.y - a.y) * share };
}
