/** A house that stands within its run. */
import { fitOpening, gate, gateWidth, nestLid, popDoor, vent } from '../faces/first-openings';
import { facesOf, type Dresses } from '../faces/faces-of';
import { outside } from '../place';
import { rectangularZone, type Rectangle } from './rectangle';
import type { Layout, ShapeProblem, Sizes } from './shape';

/** A house that stands free in its run, or why it does not fit. */
export function houseInRun(
  { runWidth, runDepth, runHeight, houseWidth, houseDepth }: Sizes,
  /** Where its near left corner stands. */
  at: Pick<Rectangle, 'x' | 'y'>,
  dresses: Dresses = {},
): Layout | ShapeProblem {
  if (houseWidth > runWidth - gateWidth || houseDepth > runDepth - gateWidth) {
    return { problem: 'house-too-large' };
  }
  const zones = [
    rectangularZone(
      'run',
      'run',
      'run',
      { x: 0, y: 0, width: runWidth, depth: runDepth },
      {
        height: runHeight,
      },
    ),
    rectangularZone(
      'house',
      'house',
      'house',
      { ...at, width: houseWidth, depth: houseDepth },
      { height: Math.min(1200, runHeight) },
    ),
  ];
  let faces = facesOf(zones, dresses);
  const hasBack = faces.some(
    ({ between }) => between.includes(outside) && between.includes('house'),
  );
  faces = fitOpening(faces, gate(), {
    between: [outside, 'run'],
    along: 'run-front',
    bay: 'first',
  });
  faces = fitOpening(faces, popDoor(), { between: ['run', 'house'], along: 'house-front' });
  faces = fitOpening(faces, nestLid(), { between: [hasBack ? outside : 'run', 'house'] });
  faces = fitOpening(faces, vent(), { between: ['run', 'house'], along: 'house-left' });
  return { zones, faces, sleeps: 'house' };
}
