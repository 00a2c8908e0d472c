/** How quick a route is, as keepers count: a way in, a slow way, or neither. */
import { levelMinutes } from '../effort/effort-level';
import { leastChance, strandsShut } from '../tables/counting';

/**
 * Under an hour is a way in, unless strands turn most tries back; an hour up to a night is a slow way, if one visit in ten
 * would last it out.
 */
export type Pace = 'way-in' | 'slow-way';

/** Whether a route counts as a way in (under 60 min) or a slow one (under 480 min and a chance of 10 % or more); `undefined`: neither. */
export function paceOf(route: {
  readonly minutes: number;
  readonly turnedBack: number;
  readonly chance: number;
}): Pace | undefined {
  if (route.turnedBack >= strandsShut.value || route.minutes >= levelMinutes.night)
    return undefined;
  if (route.minutes < levelMinutes.hour) return 'way-in';
  return route.chance >= leastChance.value ? 'slow-way' : undefined;
}
