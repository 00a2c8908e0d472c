/** Rectangular zones, from their near right corner round clockwise: front, left, back, right, as one stands before them. */
import type { Outline, Side, SideKind, Zone } from '../place';

/** A rectangle in the plan; mm. */
export interface Rectangle {
  /** Near left corner. */
  readonly x: number;
  readonly y: number;
  /** Along the front, and away from it, mm. */
  readonly width: number;
  readonly depth: number;
}

/** Sides of a rectangle in the order in which it is paced. */
export const rectangleSides = ['front', 'left', 'back', 'right'] as const;

/** The outline of a rectangle from its near left corner, four named sides. */
export function rectangle(id: string, it: Rectangle, named: string, kind: SideKind): Outline {
  const side = (name: (typeof rectangleSides)[number], length: number): Side => ({
    id: `${id}-${name}`,
    name: named === '' ? name : `${named} ${name}`,
    kind,
    length,
    turn: 90,
  });
  return {
    start: { x: it.x + it.width, y: it.y },
    heading: 270,
    sides: [
      side('front', it.width),
      side('left', it.depth),
      side('back', it.width),
      side('right', it.depth),
    ],
  };
}

/** A run's sides are fence and carry plain names; a house's are its own walls and say so. */
export function rectangularZone(
  kind: Zone['kind'],
  id: string,
  name: string,
  it: Rectangle,
  more: Pick<Zone, 'height' | 'base' | 'moves'> = {},
): Zone {
  const isRun = kind === 'run';
  const named = isRun && id === 'run' ? '' : name;
  return {
    id,
    kind,
    name,
    outline: rectangle(id, it, named, isRun ? 'fence' : 'building'),
    ...more,
  };
}
