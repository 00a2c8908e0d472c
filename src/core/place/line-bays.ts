/** Where a line round a place runs. */
import { lapOf, type LapBay } from './lap';
import type { Bay, Place } from './place';

const onGround = (place: Place): LapBay[] =>
  lapOf(place).bays.filter(({ bay }) => (bay.base ?? 0) === 0);

/** Outer walls that stand on the ground, in the order of the lap. */
export const lineBays = (place: Place): Bay[] => onGround(place).map(({ bay }) => bay);

/** The same wall by wall. */
export function lineWalls(place: Place): (readonly [LapBay, ...LapBay[]])[] {
  const walls: [LapBay, ...LapBay[]][] = [];
  for (const it of onGround(place)) {
    const last = walls.at(-1);
    if (last && last[0].face === it.face) last.push(it);
    else walls.push([it]);
  }
  return walls;
}
