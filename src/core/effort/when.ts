/** The circumstances an effort is judged in: how doors stand, where birds are, which day of the year, what the line carries. */
import type { PossibleAmount } from '../place/possible';

/** How doors stand. */
export type Doors =
  /** Night, each as habit leaves it. */
  | 'as-habit'
  /** Night, the evening round forgotten. */
  | 'round-forgotten'
  | 'by-day'
  /** By day, with birds let out of the run. */
  | 'ranging';

/** The electric line as far as it is known. */
export interface Line {
  /** kV at the far end. */
  readonly volts: PossibleAmount | undefined;
  /** Share of these hours in which it is switched on, 0 to 1. */
  readonly hoursOn: number;
}

/** Hours, day and line that an effort is judged in. */
export interface When {
  readonly doors: Doors;
  /** At roost a bird's distance from cover is read; about, it may be anywhere on the floor. */
  readonly birds: 'at-roost' | 'about';
  /** Day of the year, YYYY-MM-DD; absent: everything seasonal counts as on. */
  readonly date?: string;
  /** Absent where the place has no electric line. */
  readonly line?: Line;
}

/** All as it is left on a usual night. */
export const nightShut: When = { doors: 'as-habit', birds: 'at-roost' };
