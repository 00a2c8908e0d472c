/** How quick a route is, as keepers count: a way in, a slow way, or neither. */
import { levelMinutes } from '../effort/effort-level';

/**
 * Under an hour is a way in, unless strands turn most tries back; an hour up to a night is a slow way, if one visit in ten
 * would last it out.
 */
export type Pace = 'way-in' | 'slow-way';

/** Rarer than this, a slow way is not worth counting (figure of the model: assumption of ours). */
export const leastChance = 0.1;

/** Strands that turn back this share or more shut a way (figure of the model: assumption of ours). */
export const strandsShut = 0.8;

/** Whether a route counts as a way in (under 60 min) or a slow one (under 480 min and a chance of 10 % or more); `undefined`: neither. */
export function paceOf(route: {
  readonly minutes: number;
  readonly turnedBack: number;
  readonly chance: number;
}): Pace | undefined {
  if (route.turnedBack >= strandsShut || route.minutes >= levelMinutes.night) return undefined;
  if (route.minutes < levelMinutes.hour) return 'way-in';
  return route.chance >= leastChance ? 'slow-way' : undefined;
}
