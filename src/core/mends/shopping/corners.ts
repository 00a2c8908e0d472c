/** Where the lap turns: the way each bay runs, and how far it turns from the one before. */
import type { LapBay } from '../../place/lap';

/** Which way a bay of the lap runs, and where it comes before. */
export interface Heading {
  /** Degrees from the bay before it; outward corners are positive whichever way round the lap was paced. */
  readonly turn: number;
}

/** For each bay of the lap its heading and the turn at its far end, degrees. */
export function headingsOf(lap: readonly LapBay[]): Heading[] {
  const angles = lap.map(({ start, end }) => degrees(Math.atan2(end.y - start.y, end.x - start.x)));
  // A closed lap turns once round; which way tells outside from inside.
  const turns = angles.map((angle, at) =>
    wrapped(angle - (angles[at - 1] ?? angles.at(-1) ?? angle)),
  );
  const round = turns.reduce((sum, it) => sum + it, 0) < 0 ? -1 : 1;
  return turns.map((turn) => ({ turn: turn * round }));
}

const degrees = (radians: number): number => (radians * 180) / Math.PI;

function wrapped(angle: number): number {
  return ((((angle + 180) % 360) + 360) % 360) - 180;
}
