/**
 * When a reading was taken. A clock that was set back, by hand or by the network, must not make a new reading count as older than
 * one that was there before it: the stamp is never earlier than the newest on record.
 */
import { memoized } from '../memo';
import type { Mend } from '../records/mend';
import type { Walk } from '../records/walk';

/** Records that a new one must come after. */
export interface Recorded {
  readonly walks: readonly Walk[];
  readonly mends: readonly Mend[];
}

/** ISO 8601; a millisecond after the newest stamp where the clock is behind it. */
export function nextStamp({ walks, mends }: Recorded, clock: Date): string {
  let newest = 0;
  for (const walk of walks) newest = Math.max(newest, newestOf(walk));
  for (const { history } of mends) for (const { at } of history) newest = later(newest, at);
  return new Date(Math.max(clock.getTime(), newest + 1)).toISOString();
}

/** ISO 8601: of several records made at once each comes after the one before. */
export function millisecondsLater(at: string, by: number): string {
  return new Date(Date.parse(at) + by).toISOString();
}

/** Walks of years stay as they are: each is looked through once. 0 of one without readings. */
const newestOf = memoized(({ readings }: Recorded['walks'][number]): number =>
  readings.reduce((newest, { at }) => later(newest, at), 0),
);

const later = (newest: number, at: string): number => Math.max(newest, Date.parse(at));

/** The day of a new walk, YYYY-MM-DD: the keeper's own, but never before the last walk's. */
export function nextDay(walks: readonly Walk[], today: string): string {
  return walks.reduce((latest, { date }) => (date > latest ? date : latest), today);
}
