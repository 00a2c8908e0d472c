/** Minutes of effort in words. */
import { rungOf, type Rung } from '@/core/effort/rung';

const rungNames: Readonly<Record<Rung, readonly [short: string, long: string]>> = {
  open: ['walks in', 'walks in'],
  minutes: ['minutes', 'a few minutes'],
  hour: ['1 h', 'about an hour'],
  night: ['a night', 'most of a night, or several'],
  holds: ['holds', 'not by this way'],
};

export function rungShort(minutes: number | null): string {
  return rungNames[rungOf(minutes)][0];
}

export const rungWords = (rung: Rung): string => rungNames[rung][0];

export function rungLong(minutes: number | null): string {
  return rungNames[rungOf(minutes)][1];
}
