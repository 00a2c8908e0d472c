/**
 * When it gets dark: sunset and the end of civil twilight, by suncalc (its formulas name their sources; good to about a minute).
 * Birds go in between the two, and most that hunts at night is about from then on (common practice).
 */
import { getTimes } from 'suncalc';
import type { Position } from '../place/place';

/** Sunset and the end of civil twilight. */
export interface Dusk {
  readonly sunset: Date;
  readonly dark: Date;
}

/** `undefined` where the sun does not set or rise that day. `day`: any instant of it. */
export function duskOf(day: Date, { latitude, longitude }: Position): Dusk | undefined {
  const { sunset, dusk } = getTimes(day, latitude, longitude);
  return sunset && dusk ? { sunset, dark: dusk } : undefined;
}

/** Hours from sunrise to sunset on a day; `undefined` where the sun does not rise or set. */
export function daylightHours(day: string, { latitude, longitude }: Position): number | undefined {
  const { sunrise, sunset } = getTimes(new Date(`${day}T12:00:00Z`), latitude, longitude);
  if (!sunrise || !sunset) return undefined;
  const hours = (sunset.getTime() - sunrise.getTime()) / 3_600_000;
  return Number.isNaN(hours) ? undefined : (hours + 24) % 24;
}
