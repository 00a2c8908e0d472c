/** How hard something is for an animal, in five levels; minutes are what the route arithmetic counts. */

import { effortMinutes, enoughFrom } from '../tables/counting';

/** One of the five levels, easiest first. */
export const effortLevels = ['open', 'minutes', 'hour', 'night', 'holds'] as const;
/** One of `effortLevels`. */
export type EffortLevel = (typeof effortLevels)[number];

/** Minutes counted for a level. "holds" has none: it is kept as its own value, never as infinity. */
export const levelMinutes: Readonly<Record<Exclude<EffortLevel, 'holds'>, number>> = {
  open: 0,
  minutes: effortMinutes.minutes.value,
  hour: effortMinutes.hour.value,
  night: effortMinutes.night.value,
};

/** Minutes of a level, `null` for one that holds. */
export function minutesOf(level: EffortLevel): number | null {
  return level === 'holds' ? null : levelMinutes[level];
}

/** The level that a number of minutes reaches (a sum along a route); `null` holds. */
export function levelOf(minutes: number | null): EffortLevel {
  if (minutes === null) return 'holds';
  if (minutes < levelMinutes.minutes) return 'open';
  if (minutes < levelMinutes.hour) return 'minutes';
  return minutes < levelMinutes.night ? 'hour' : 'night';
}

/** Less than zero where `a` is easier than `b`. */
export function compareLevels(a: EffortLevel, b: EffortLevel): number {
  return effortLevels.indexOf(a) - effortLevels.indexOf(b);
}

/** The level so many steps harder (below zero: easier), within the scale. */
export function shifted(level: EffortLevel, steps: number): EffortLevel {
  const at = Math.max(0, Math.min(effortLevels.indexOf(level) + steps, effortLevels.length - 1));
  return effortLevels[at] ?? level;
}

/** Steps between "enough" and "nothing", by the worst ratio of what is there to what is enough. */
export function levelOfRatio(ratio: number): EffortLevel {
  if (ratio >= 1) return 'holds';
  if (ratio >= enoughFrom.night.value) return 'night';
  return ratio >= enoughFrom.hour.value ? 'hour' : 'minutes';
}

/** Sums minutes; what holds anywhere holds altogether. */
export function addMinutes(a: number | null, b: number | null): number | null {
  return a === null || b === null ? null : a + b;
}

/** Above zero where `a` holds out longer. */
export function compareMinutes(a: number | null, b: number | null): number {
  if (a === b) return 0;
  if (a === null) return 1;
  return b === null ? -1 : a - b;
}
