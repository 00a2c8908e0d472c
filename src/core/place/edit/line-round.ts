/** A line round the whole place, told in one go: its wires, how far out it stands, and whether it crosses the doors. */
import { lineBays } from '../line-bays';
import { isFixed } from '../opening-cover';
import type { Bay, Place, YesNo } from '../place';
import { is } from '../possible';
import { changeBays } from './change-bay';
import type { NewId } from './cover';

/** A line as it is told; mm. */
export interface LineRound {
  /** One wire each, above the ground. */
  readonly heights: readonly [number, ...number[]];
  /** Outward from the wall. */
  readonly standOff: number;
  /** Whether it runs on across gates, doors and lids. */
  readonly crossesDoors: YesNo;
}

/** Strings it along every outer wall that stands on the ground, instead of what was strung there. */
export function stringRound(place: Place, line: LineRound, newId: NewId): Place {
  const walls = lineBays(place).map(({ id }) => id);
  const strung = changeBays(place, walls, (bay) => strungBay(bay, line, newId));
  return { ...strung, fence: place.fence ?? { id: newId('fence'), on: 'always' } };
}

function strungBay(bay: Bay, { heights, standOff, crossesDoors }: LineRound, newId: NewId): Bay {
  return {
    ...bay,
    strands: heights.map((height) => ({
      id: newId('strand'),
      height: is(height),
      standOff: is(standOff),
    })),
    openings: bay.openings.map((opening) =>
      isFixed(opening) ? opening : { ...opening, crossed: is(crossesDoors) },
    ),
  };
}
