/** How often one animal comes by on a day, how shy it is, and how often it tries. */
import { answersBy, getOrMake } from '../memo';
import type { Place } from '../place/place';
import type { LogEntry } from '../records/sighting';
import type { Animal } from '../tables/animals';
import { shareThatTry } from './attempts';
import { expectedVisits, shying, visitsAYear } from './visits';

/** One animal on one day. */
export interface Coming {
  /** Visits in 24 hours. */
  readonly visits: number;
  /** Times its visits, of one that touched the line lately; what the hold weighs is left as it was. */
  readonly shy: number;
  /** Share of visits that become a try at the birds. */
  readonly trying: number;
  /** Expected once a year or more, by the log or without it: watching alone takes no way in away. What comes less is no way in's animal. */
  readonly isYearly: boolean;
}

interface LastComing {
  readonly log: readonly LogEntry[];
  readonly date: string | undefined;
  readonly coming: Coming;
}

/** Nothing read at a wall tells who comes by: the same setting, log and day give the same answer again. */
const answers = answersBy<Place['setting'], WeakMap<Animal, LastComing>>();

/** Without a day, the mean of the year. */
export function comingOf(
  place: Place,
  animal: Animal,
  log: readonly LogEntry[],
  date?: string,
): Coming {
  const byAnimal = getOrMake(answers, place.setting, () => new WeakMap<Animal, LastComing>());
  const last = byAnimal.get(animal);
  if (last?.log === log && last.date === date) return last.coming;
  const coming = workOut(place, animal, log, date);
  byAnimal.set(animal, { log, date, coming });
  return coming;
}

function workOut(place: Place, animal: Animal, log: readonly LogEntry[], date?: string): Coming {
  const yearly = [log, []].map((seen) => visitsAYear(place, animal, seen));
  return {
    visits: expectedVisits(place, animal, log, date),
    shy: shying(animal, log, date),
    trying: shareThatTry(place, animal, date, log),
    isYearly: yearly.some((visits) => visits >= 1),
  };
}
