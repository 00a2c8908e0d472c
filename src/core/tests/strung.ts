/** A bare bay with strands across it, for what strands alone do. */
import type { Bay } from '../place/place';
import type { Touching } from '../tables/shocking';

/** Strands at these heights, mm, each touched by that, all so far off the wall. */
export function strandTouchings(
  wires: readonly (readonly [height: number, touching: Touching])[],
  standOff = 0,
): Bay {
  return {
    id: 'b',
    name: 'b',
    width: 2000,
    height: 1800,
    top: { kind: 'roof' },
    bands: [],
    openings: [],
    strands: wires.map(([height, touching], index) => ({
      id: `wire-${index}`,
      height: { is: height },
      standOff: { is: standOff },
      touching: { is: touching },
    })),
  };
}
