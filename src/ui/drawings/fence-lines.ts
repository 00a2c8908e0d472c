/** How a stretch of the line is drawn by what reaches an animal there: whole where it is enough, broken where it is less, dotted where it is dead. */
import { color } from '../theme/tokens';

export interface LineLook {
  readonly stroke: string;
  readonly dash: string | undefined;
  readonly width: number;
}

/** Less than this is dead, kV: a tester hardly shows it (assumption of ours). */
const dead = 0.3;

export function lookOf(reaching: number, needed: number): LineLook {
  if (reaching < dead) return { stroke: color.open, dash: '2 5', width: 3 };
  return reaching < needed
    ? { stroke: color.hours, dash: '8 4', width: 3 }
    : { stroke: color.holds, dash: undefined, width: 3 };
}
