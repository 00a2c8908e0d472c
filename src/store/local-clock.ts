/** The keeper's own clock, for what devices say: from an instant to its day and hour, and back. */
import type { ToUtc } from '@/core/devices/read-instant';
import type { Local } from '@/core/devices/records-from';
import { localDay } from './local-day';

export const localClock: Local = (instant) => {
  const date = new Date(instant);
  return { day: localDay(date), hour: date.getHours() + date.getMinutes() / 60 };
};

/** `undefined` for the hour that is left out when clocks go forward. */
export const byLocalClock: ToUtc = ({ year, month, day, hour, minute, second }) => {
  const date = new Date(year, month - 1, day, hour, minute, second);
  const isShown = date.getHours() === hour && date.getDate() === day;
  return isShown ? date.getTime() : undefined;
};

/** The midnight on which a day begins here, ISO 8601. */
export const midnightOf = (day: string): string => {
  const [year = 0, month = 1, date = 1] = day.split('-').map(Number);
  return new Date(year, month - 1, date).toISOString();
};
