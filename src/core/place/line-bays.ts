/** Where a line round a place runs. */
import { lapOf } from './lap';
import type { Bay, Place } from './place';

/** Outer walls that stand on the ground, in the order of the lap. */
export const lineBays = (place: Place): Bay[] =>
  lapOf(place)
    .bays.map(({ bay }) => bay)
    .filter(({ base }) => (base ?? 0) === 0);
