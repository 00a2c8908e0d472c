/** How the log has moved an animal's rate: visits in 24 hours, season apart, after every day on which something was logged. */
import type { Place } from '../place/place';
import type { LogEntry } from '../records/sighting';
import type { Animal } from '../tables/animals';
import { updated, usualVisits } from './visits';

/** Visits in 24 hours as reckoned on a day. */
export interface RatePoint {
  /** YYYY-MM-DD */
  readonly date: string;
  readonly visits: number;
}

/** How the rate of visits moved with the log. */
export interface RateHistory {
  /** What was reckoned before anything was logged. */
  readonly usual: number;
  /** Oldest first; the last one is the day asked about. */
  readonly points: readonly RatePoint[];
}

/** How the log moved what is reckoned with of one animal, visits a year, up to a day. */
export function rateHistory(
  place: Place,
  animal: Animal,
  log: readonly LogEntry[],
  today: string,
): RateHistory {
  const usual = usualVisits(place, animal);
  const days = [...new Set([...log.map(({ date }) => date), today])]
    .filter((date) => date <= today)
    .sort();
  return {
    usual,
    points: days.map((date) => ({
      date,
      // As it was known that day: what was logged later had not been seen.
      visits: updated(
        usual,
        animal,
        log.filter((entry) => entry.date <= date),
        date,
      ),
    })),
  };
}
