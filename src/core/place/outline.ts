/** The paced perimeter as a polygon: a closed traverse, its misclosure shared out by the compass rule. */
import type { Outline } from './place';

/** A point of the plan. */
export interface Point {
  /** East, mm. */
  readonly x: number;
  /** North, mm. */
  readonly y: number;
}

/** An outline whose ends meet; mm. */
export interface ClosedOutline {
  /** Start of each side, in order; the last side runs back to the first point. */
  readonly points: readonly Point[];
  /** How far the paced walk missed its own start, mm. */
  readonly misclosure: number;
  readonly perimeter: number;
}

/**
 * Bowditch's compass rule: each corner moves by the misclosure times the share of the way walked to it.
 * Source: any surveying text (closed traverse adjustment), published (recalled from memory).
 */
export function closeOutline(outline: Outline): ClosedOutline {
  const paced = paceOutline(outline);
  const end = paced[paced.length - 1] ?? outline.start;
  const miss = { x: end.x - outline.start.x, y: end.y - outline.start.y };
  const perimeter = outline.sides.reduce((sum, side) => sum + side.length, 0);
  let walked = 0;
  const points = outline.sides.map((side, index) => {
    const share = perimeter === 0 ? 0 : walked / perimeter;
    walked += side.length;
    const point = paced[index] ?? outline.start;
    return { x: point.x - miss.x * share, y: point.y - miss.y * share };
  });
  return { points, misclosure: Math.hypot(miss.x, miss.y), perimeter };
}

/** Every corner as paced, the start first and where the walk ended last. */
export function paceOutline(outline: Outline): Point[] {
  const points: Point[] = [outline.start];
  let heading = outline.heading;
  let here: Point = outline.start;
  for (const side of outline.sides) {
    const radians = (heading * Math.PI) / 180;
    here = {
      x: here.x + side.length * Math.sin(radians),
      y: here.y + side.length * Math.cos(radians),
    };
    points.push(here);
    heading += side.turn;
  }
  return points;
}

/** Area inside, mm² (shoelace formula). */
export function areaOf(points: readonly Point[]): number {
  let twice = 0;
  points.forEach((point, index) => {
    const next = points[(index + 1) % points.length] ?? point;
    twice += point.x * next.y - next.x * point.y;
  });
  return Math.abs(twice) / 2;
}
