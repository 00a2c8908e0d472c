/** A new place from a paced perimeter: a run of any shape, with a house standing in it against one of its sides, or none. */
import { begunPlace, type Named } from './begun-place';
import { fitOpening, gate, gateWidth, nestLid, popDoor, vent } from './faces/first-openings';
import { facesOf } from './faces/faces-of';
import { usualHeight } from './faces/zone-dress';
import type { Point } from './outline';
import type { Pacing } from './pacing';
import { outside, type Outline, type Place, type Side, type Zone } from './place';
import { isWithinFigure } from './polygon';
import type { Layout } from './shapes';

/** A house to stand in a paced run; mm. */
export interface PacedHouse {
  /** Number of the side it stands against, from 0, as the outline has them. */
  readonly side: number;
  /** Along its back, and from back to front, mm. It stands in the middle of the side. */
  readonly width: number;
  readonly depth: number;
  readonly nestLid: boolean;
}

/** What a place paced side by side begins from. */
export interface PacedBeginning extends Named {
  readonly pacing: Pacing;
  /** mm */
  readonly runHeight: number;
  /** Absent: the birds sleep in the run. */
  readonly house?: PacedHouse;
}

/** Why a house cannot stand there. */
export type PacedBeginningProblem =
  /** The side is not long enough: some run must be left on either hand. */
  | { readonly problem: 'side-too-short'; readonly side: number }
  /** It reaches through another wall of the run. */
  | { readonly problem: 'house-too-deep' };

/** Run left on either hand of the house, mm: a corner a spade gets into. */
const leastBeside = 300;

/** A new place from a run as it was paced, or what stands in the way. */
export function beginPaced(it: PacedBeginning): Place | PacedBeginningProblem {
  const { house, pacing, runHeight } = it;
  const back = house && pacing.outline.sides[house.side];
  // On the gate's side the gate needs its room as well.
  const beside = house?.side === 0 ? gateWidth : leastBeside;
  if (house && (!back || back.length - house.width < 2 * beside)) {
    return { problem: 'side-too-short', side: house.side };
  }
  const corners = house && houseCorners(pacing, house);
  if (corners && !isWithinFigure(pacing.closed.points, inset(corners))) {
    return { problem: 'house-too-deep' };
  }
  const run: Zone = {
    id: 'run',
    kind: 'run',
    name: 'run',
    outline: pacing.outline,
    height: runHeight,
  };
  if (!house || !corners) return begunPlace(it, laid([run], pacing, false));
  const hut: Zone = {
    id: 'house',
    kind: 'house',
    name: 'house',
    outline: houseOutline(corners, house),
    height: Math.min(usualHeight.house, runHeight),
  };
  return begunPlace(it, laid([run, hut], pacing, house.nestLid));
}

/** The gate is where pacing began: in the first bay, or in the last where the side now runs the other way. */
function laid(zones: readonly Zone[], { reversed }: Pacing, hasNestLid: boolean): Layout {
  const hasHouse = zones.length > 1;
  let faces = facesOf(zones);
  faces = fitOpening(faces, gate(), {
    between: [outside, 'run'],
    along: 'side-1',
    bay: reversed ? 'last' : 'first',
  });
  if (!hasHouse) return { zones, faces, sleeps: 'run' };
  faces = fitOpening(faces, popDoor(), { between: ['run', 'house'], along: 'house-front' });
  faces = fitOpening(faces, vent(), { between: ['run', 'house'], along: 'house-left' });
  if (hasNestLid) faces = fitOpening(faces, nestLid(), { between: [outside, 'house'] });
  return { zones, faces, sleeps: 'house' };
}

/** Front left, back left, back right, front right, as one stands in the run before it. */
type Corners = readonly [Point, Point, Point, Point];

function houseCorners({ outline, closed }: Pacing, { side, width, depth }: PacedHouse): Corners {
  const from = closed.points[side] ?? outline.start;
  const to = closed.points[(side + 1) % closed.points.length] ?? outline.start;
  const length = Math.hypot(to.x - from.x, to.y - from.y);
  const along = { x: (to.x - from.x) / length, y: (to.y - from.y) / length };
  // The outline runs clockwise: inside is on the right.
  const inward = { x: along.y, y: -along.x };
  const at = (far: number, deep: number): Point => ({
    x: from.x + along.x * far + inward.x * deep,
    y: from.y + along.y * far + inward.y * deep,
  });
  const start = (length - width) / 2;
  return [at(start, depth), at(start, 0), at(start + width, 0), at(start + width, depth)];
}

/** Drawn in by a hair, so that the back lying on its wall is no crossing. */
function inset(corners: Corners): Point[] {
  const middle = {
    x: corners.reduce((sum, { x }) => sum + x, 0) / corners.length,
    y: corners.reduce((sum, { y }) => sum + y, 0) / corners.length,
  };
  const hair = 0.999;
  return corners.map(({ x, y }) => ({
    x: middle.x + (x - middle.x) * hair,
    y: middle.y + (y - middle.y) * hair,
  }));
}

function houseOutline([start, back]: Corners, { width, depth }: PacedHouse): Outline {
  const heading = (Math.atan2(back.x - start.x, back.y - start.y) * 180) / Math.PI;
  return { start, heading, sides: houseSides(width, depth) };
}

/** Clockwise from the front left corner, towards the back. */
function houseSides(width: number, depth: number): Side[] {
  const side = (id: string, name: string, length: number): Side => ({
    id,
    name,
    kind: 'building',
    length,
    turn: 90,
  });
  return [
    side('house-left', 'house left', depth),
    side('house-back', 'house back', width),
    side('house-right', 'house right', depth),
    side('house-front', 'house front', width),
  ];
}
