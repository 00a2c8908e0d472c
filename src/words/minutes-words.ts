/** Minutes of effort in words. */
import { levelOf, type EffortLevel } from '@/core/effort/effort-level';

const levelNames: Readonly<Record<EffortLevel, readonly [short: string, long: string]>> = {
  open: ['walks in', 'walks in'],
  minutes: ['minutes', 'a few minutes'],
  hour: ['1 h', 'about an hour'],
  night: ['a night', 'most of a night, or several'],
  holds: ['holds', 'not by this way'],
};

export function levelShort(minutes: number | null): string {
  return levelNames[levelOf(minutes)][0];
}

export const levelWords = (level: EffortLevel): string => levelNames[level][0];

export function levelLong(minutes: number | null): string {
  return levelNames[levelOf(minutes)][1];
}

/** How long a walk takes. */
export function minutesWords(minutes: number): string {
  return `about ${minutes} min`;
}
