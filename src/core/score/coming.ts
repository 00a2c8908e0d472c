/** How often one animal comes by on a day, how shy it is, and how often it tries. */
import type { Place } from '../place/place';
import type { LogEntry } from '../records/sighting';
import type { Animal } from '../tables/animals';
import { shareThatTry } from './attempts';
import { expectedVisits, shying } from './visits';

/** One animal on one day. */
export interface Coming {
  /** Visits in 24 hours. */
  readonly visits: number;
  /** Times its visits, of one that touched the line lately; what the hold weighs is left as it was. */
  readonly shy: number;
  /** Share of visits that become a try at the birds. */
  readonly trying: number;
}

/** Without a day, the mean of the year. */
export function comingOf(
  place: Place,
  animal: Animal,
  log: readonly LogEntry[],
  date?: string,
): Coming {
  return {
    visits: expectedVisits(place, animal, log, date),
    shy: shying(animal, log, date),
    trying: shareThatTry(place, animal, date, log),
  };
}
