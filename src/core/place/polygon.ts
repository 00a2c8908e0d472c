/** Plane figures by their corners: crossing sides, and what lies inside. */
import type { Point } from './outline';

/** Which side of the line from a to b the point lies on: above zero on the left, below on the right, 0 on it. */
function turnTo(a: Point, b: Point, point: Point): number {
  return (b.x - a.x) * (point.y - a.y) - (b.y - a.y) * (point.x - a.x);
}

/** True where two stretches cross in the middle of both; touching at an end is no crossing. */
export function cross(a: Point, b: Point, c: Point, d: Point): boolean {
  return turnTo(a, b, c) * turnTo(a, b, d) < 0 && turnTo(c, d, a) * turnTo(c, d, b) < 0;
}

/** The first two sides of a closed figure that cross, by the numbers of the corners they begin at. */
export function firstCrossing(points: readonly Point[]): readonly [number, number] | undefined {
  const at = (index: number): Point => points[index % points.length] as Point;
  for (let first = 0; first < points.length; first += 1) {
    for (let second = first + 1; second < points.length; second += 1) {
      if (cross(at(first), at(first + 1), at(second), at(second + 1))) return [first, second];
    }
  }
  return undefined;
}

/** Inside a closed figure, by counting the sides that a ray to the east crosses (even–odd rule; textbook). */
export function isInside(points: readonly Point[], { x, y }: Point): boolean {
  let inside = false;
  points.forEach((a, index) => {
    const b = points[(index + 1) % points.length] as Point;
    const spans = a.y > y !== b.y > y;
    if (spans && x < ((b.x - a.x) * (y - a.y)) / (b.y - a.y) + a.x) inside = !inside;
  });
  return inside;
}

/** Whether one figure lies inside another: all corners in it, and no side crossing. */
export function isWithinFigure(outer: readonly Point[], inner: readonly Point[]): boolean {
  const crosses = inner.some((a, index) => {
    const b = inner[(index + 1) % inner.length] as Point;
    return outer.some((c, at) => cross(a, b, c, outer[(at + 1) % outer.length] as Point));
  });
  return !crosses && inner.every((point) => isInside(outer, point));
}
