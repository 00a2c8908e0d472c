/** How large the lap is drawn, and how much room stands above and below its walls. */
import { lapOf, type Lap } from '@/core/place/lap';
import { isKnown } from '@/core/place/possible';
import type { Place } from '@/core/place/place';
import { skirtRow } from './lap-labels';
import { groundOf, type LapFrame } from './lap-layout';

const margin = 18;
/** For the names of the sides, px. */
const above = 28;

/** Walls drawn taller, px, show no more: the short lap of a small house would leave no room for its plan. */
const tallestWalls = 120;

/** px per mm at which the whole lap fits a width, and its walls are no taller than is of use. */
export const fittingScale = (lap: Lap, width: number): number =>
  Math.min(
    (width - 2 * margin) / Math.max(lap.length, 1),
    tallestWalls / Math.max(...lap.bays.map(({ bay }) => bay.height), 1),
  );

/** `width`: of what it stands in the middle of, px, where it is narrower. */
export function lapFrame(lap: Lap, scale: number, day?: string, width = 0): LapFrame {
  const beside = Math.max(margin, (width - lap.length * scale) / 2);
  return { scale, above, below: belowGround(lap, scale), margin: beside, day };
}

/** Height of the whole lap in a width, px. */
export function wholeLapHeight(place: Place, width: number): number {
  const lap = lapOf(place);
  const frame = lapFrame(lap, fittingScale(lap, width));
  return groundOf(lap, frame) + frame.below;
}

/** Room for the deepest skirt, its name under it and the metres under that, px. */
function belowGround(lap: Lap, scale: number): number {
  const depths = lap.bays.map(({ bay }) => {
    const depth = bay.ground?.skirt?.depth;
    return isKnown<number>(depth) ? depth.is : 0;
  });
  return Math.max(62, Math.max(...depths, 0) * scale + 44 + skirtRow);
}
