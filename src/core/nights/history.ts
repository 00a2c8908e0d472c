/** Nights as they went: the last ones each by itself, older ones by the year, and how often each who shuts missed. */
import type { Place } from '../place/place';
import type { LogEntry } from '../records/sighting';
import type { Dusk } from '../place/dusk';
import { awayOn } from './away';
import { daysLater } from '../schema/day';
import { recordedDays, nightOn, type Night, type NightState } from './night';

/** One night in a row of them. */
export interface NightMark {
  readonly date: string;
  readonly state: NightState;
  readonly isFoundOpen: boolean;
  readonly isAway: boolean;
  /** Minutes after dark; below zero before it. `undefined` where it was not said, or nobody knows when it was dark. */
  readonly late: number | undefined;
  readonly night: Night;
}

/** So many nights up to this one, oldest first; those before anything was said of any are not known. */
export function lastNights(
  place: Place,
  log: readonly LogEntry[],
  upTo: string,
  count: number,
  duskOn: (date: string) => Dusk | undefined,
): NightMark[] {
  return Array.from({ length: count }, (_, index) => {
    const date = daysLater(upTo, index - count + 1);
    const night = nightOn(place, log, date);
    const dark = night.shutAt === undefined ? undefined : duskOn(date)?.dark;
    return {
      date,
      state: night.state,
      isFoundOpen: night.isFoundOpen,
      isAway: awayOn(log, date) !== undefined,
      late:
        dark && night.shutAt !== undefined
          ? (Date.parse(night.shutAt) - dark.getTime()) / 60_000
          : undefined,
      night,
    };
  });
}

/** Nights of a year by how they went. */
export interface YearOfNights {
  readonly year: string;
  readonly shut: number;
  readonly missed: number;
}

/** Every year of which anything was said, newest first. */
export function nightsByYear(place: Place, log: readonly LogEntry[]): YearOfNights[] {
  const years = new Map<string, YearOfNights>();
  for (const date of recordedDays(log)) {
    const { state } = nightOn(place, log, date);
    const year = date.slice(0, 4);
    const { shut, missed } = years.get(year) ?? { shut: 0, missed: 0 };
    years.set(year, {
      year,
      shut: shut + (state === 'shut' ? 1 : 0),
      missed: missed + (state === 'missed' ? 1 : 0),
    });
  }
  return [...years.values()].sort((a, b) => (a.year < b.year ? 1 : -1));
}
