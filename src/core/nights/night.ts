/**
 * One night as it is known from all that was said of it. Sayings are a set: in whatever order they come, from however many phones and
 * however often, the same night comes out. Of two sayings of one thing the later stands; of one moment, the one whose id sorts last.
 */
import { memoized } from '../memo';
import type { ShutBy } from '../tables/shutting';
import type { Place } from '../place/place';
import type { RoostCount, DoorState, Evening } from '../records/evening';
import type { LogEntry } from '../records/sighting';
import { doorsOfRound } from './shutters';

/** `not-known`: nobody said; neither shut nor missed. */
export type NightState = 'shut' | 'missed' | 'not-known';

/** What was said of one night. */
export interface NightRecord {
  /** The day of its evening. */
  readonly date: string;
  /** How doors stood, by opening. */
  readonly doors: ReadonlyMap<string, DoorState>;
  /** What shut doors then, where it was said: by hand until a drive was fitted. */
  readonly shutBy: ReadonlyMap<string, ShutBy>;
  /** How many were in, by group. */
  readonly counts: ReadonlyMap<string, RoostCount>;
  /** Who shut up, where it was said. */
  readonly by: string | undefined;
  /** When all was shut, ISO 8601. */
  readonly shutAt: string | undefined;
  readonly strand: 'on' | 'off' | undefined;
  /** A door that was found open in the morning. */
  readonly isFoundOpen: boolean;
  readonly said: readonly Evening[];
}

/** What is known of one night. */
export interface Night extends NightRecord {
  readonly state: NightState;
}

/** Every evening that something was said of, oldest first. The same array gives the same answer. */
export const eveningsOf = memoized((log: readonly LogEntry[]): readonly Evening[] =>
  [...new Map(log.filter(isEvening).map((it) => [it.id, it])).values()].sort(inOrder),
);

const isEvening = (entry: LogEntry): entry is Evening => entry.what === 'evening';

const compare = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);

const inOrder = (a: Evening, b: Evening): number =>
  compare(a.date, b.date) || Date.parse(a.at) - Date.parse(b.at) || compare(a.id, b.id);

const eveningsByDate = memoized(
  (log: readonly LogEntry[]): ReadonlyMap<string, readonly Evening[]> => {
    const byDate = new Map<string, Evening[]>();
    for (const evening of eveningsOf(log)) {
      const own = byDate.get(evening.date);
      if (own) own.push(evening);
      else byDate.set(evening.date, [evening]);
    }
    return byDate;
  },
);

/** The days of which something was said, oldest first. */
export function recordedDays(log: readonly LogEntry[]): string[] {
  return [...eveningsByDate(log).keys()];
}

/** A night as it is known. `date`: the day of its evening. */
export function nightOn(place: Place, log: readonly LogEntry[], date: string): Night {
  const told = nightRecords(log).get(date) ?? joined(date, []);
  return { ...told, state: stateOf(place, told.doors) };
}

/** Every night that something was said of, oldest first, whatever the place is like by now. */
export const nightRecords = memoized(
  (log: readonly LogEntry[]): ReadonlyMap<string, NightRecord> =>
    new Map([...eveningsByDate(log)].map(([date, said]) => [date, joined(date, said)])),
);

/** A stamp after all that was said of the night, whatever the clock does: what is said now stands. */
export function stampAfter({ said }: NightRecord, now: Date): string {
  const last = Math.max(0, ...said.map(({ at }) => Date.parse(at) + 1));
  return new Date(Math.max(now.getTime(), last)).toISOString();
}

/** `said`: in the order in which it was said. */
function joined(date: string, said: readonly Evening[]): NightRecord {
  const doors = new Map<string, DoorState>();
  const by = new Map<string, ShutBy>();
  const counts = new Map<string, RoostCount>();
  const found = new Set<string>();
  for (const it of said) {
    for (const { opening, was, shutBy } of it.doors) {
      doors.set(opening, was);
      if (shutBy) by.set(opening, shutBy);
      if (it.told === 'morning' && was !== 'shut') found.add(opening);
      else found.delete(opening);
    }
    for (const count of it.counts) counts.set(count.group, count);
  }
  return {
    date,
    doors,
    shutBy: by,
    counts,
    by: said.findLast(({ by }) => by !== undefined)?.by,
    shutAt: said.findLast(({ shutAt }) => shutAt !== undefined)?.shutAt,
    strand: said.findLast(({ strand }) => strand !== undefined)?.strand,
    isFoundOpen: found.size > 0,
    said,
  };
}

/** Shut where every door of the round was said to be; missed where any door at all was not. */
function stateOf(place: Place, doors: ReadonlyMap<string, DoorState>): NightState {
  if ([...doors.values()].some((was) => was !== 'shut')) return 'missed';
  const round = doorsOfRound(place);
  // Doors built since were not there to be shut: what was said then is all that was to be said.
  const isSaid = round.length === 0 || round.some(({ id }) => doors.has(id));
  return doors.size > 0 && isSaid ? 'shut' : 'not-known';
}
