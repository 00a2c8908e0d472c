/**
 * When a reading was taken. A clock that was set back, by hand or by the network, must not make a new reading count as older than
 * one that was there before it: the stamp is never earlier than the newest on record.
 */
import type { Mend } from '../place/mend';
import type { Walk } from '../place/walk';

export interface Recorded {
  readonly walks: readonly Walk[];
  readonly mends: readonly Mend[];
}

/** ISO 8601; a millisecond after the newest stamp where the clock is behind it. */
export function nextStamp({ walks, mends }: Recorded, clock: Date): string {
  const stamps = [
    ...walks.flatMap(({ readings }) => readings.map(({ at }) => at)),
    ...mends.flatMap(({ history }) => history.map(({ at }) => at)),
  ];
  const newest = Math.max(0, ...stamps.map((at) => Date.parse(at)));
  return new Date(Math.max(clock.getTime(), newest + 1)).toISOString();
}

/** The day of a new walk, YYYY-MM-DD: the keeper's own, but never before the last walk's. */
export function nextDay(walks: readonly Walk[], today: string): string {
  return walks.reduce((latest, { date }) => (date > latest ? date : latest), today);
}
