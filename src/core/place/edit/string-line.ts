/** A line strung in one go, round everything or along some walls: its wires, how far out it stands, and whether it crosses the doors. */
import { lineBays } from '../line-bays';
import { isFixed } from '../opening-cover';
import type { Bay, BayId, Place, YesNo } from '../place';
import { is } from '../possible';
import { changeBays } from './change-bay';
import type { NewId } from './cover';

/** A line as it is described; mm. */
export interface StrungLine {
  /** One wire each, above the ground. */
  readonly heights: readonly [number, ...number[]];
  /** Outward from the wall. */
  readonly standOff: number;
  /** Whether it runs on across gates, doors and lids. */
  readonly crossesDoors: YesNo;
  /** The bays that it runs along; absent: round everything. */
  readonly along?: ReadonlySet<BayId>;
}

/** Strings it along the outer walls that stand on the ground, instead of what was strung there. */
export function stringLine(place: Place, line: StrungLine, newId: NewId): Place {
  const walls = lineBays(place).map(({ id }) => id);
  const strung = changeBays(place, walls, (bay) =>
    line.along && !line.along.has(bay.id) ? { ...bay, strands: [] } : strungBay(bay, line, newId),
  );
  return { ...strung, fence: place.fence ?? { id: newId('fence'), on: 'always' } };
}

function strungBay(bay: Bay, { heights, standOff, crossesDoors }: StrungLine, newId: NewId): Bay {
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
