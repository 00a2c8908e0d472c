/** A house at the end of its run, sharing a wall with it: gate in the front, pop door between them, nest lid at the far end. */
import { fitOpening, gate, nestLid, popDoor, vent, type Where } from '../faces/first-openings';
import { facesOf, type Dresses } from '../faces/faces-of';
import { outside, type Zone } from '../place';
import { rectangularZone } from './rectangle';
import type { Layout, Sizes } from './shape';

interface AtEnd {
  readonly runName: string;
  /** mm */
  readonly houseHeight: number;
  readonly dresses?: Dresses;
}

/** A run with its house at one end; mm. */
export function houseAtEnd(
  { runWidth, runDepth, runHeight, houseWidth, houseDepth }: Sizes,
  { runName, houseHeight, dresses = {} }: AtEnd,
): Layout {
  const deep = Math.min(houseDepth, runDepth);
  const run = { x: 0, y: 0, width: runWidth, depth: runDepth };
  const house = { x: runWidth, y: (runDepth - deep) / 2, width: houseWidth, depth: houseDepth };
  const zones = [
    rectangularZone('run', 'run', runName, run, { height: runHeight }),
    rectangularZone('house', 'house', 'house', house, { height: houseHeight }),
  ];
  return openedAtEnd(zones, 'house', dresses);
}

/** `houseSides`: what the sides begin with on which the house's outer openings are. */
export function openedAtEnd(
  zones: readonly Zone[],
  houseSides: string,
  dresses: Dresses = {},
): Layout {
  const gateway: Where = { between: [outside, 'run'], along: 'run-front', bay: 'first' };
  const houseWall = (side: string): Where => ({
    between: [outside, 'house'],
    along: `${houseSides}-${side}`,
  });
  let faces = fitOpening(facesOf(zones, dresses), gate(), gateway);
  faces = fitOpening(faces, popDoor(), { between: ['run', 'house'] });
  faces = fitOpening(faces, nestLid(), houseWall('right'));
  faces = fitOpening(faces, vent(), houseWall('front'));
  return { zones, faces, sleeps: 'house' };
}
