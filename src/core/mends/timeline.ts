/** Everything that was recorded of a place, in the order of time. */
import type { Purchase } from './shopping/shop';
import type { Written } from '../records/kept';
import type { Mend, MendState } from '../records/mend';
import type { LogEntry } from '../records/sighting';
import type { Walk } from '../records/walk';

/** Something that happened on a day. */
export type Event = {
  readonly date: string;
  /** The phone on which it was recorded, where that is known. */
  readonly by?: string;
} & (
  | { readonly kind: 'walk'; readonly walk: Walk }
  | {
      readonly kind: 'mend';
      readonly mend: Mend;
      readonly state: MendState;
      readonly walk?: string;
    }
  | { readonly kind: 'log'; readonly entry: LogEntry }
  | { readonly kind: 'bought'; readonly purchase: Purchase }
);

/** Records that a timeline is made of. */
export interface Recorded {
  readonly walks: readonly Walk[];
  readonly mends: readonly Mend[];
  readonly sightings: readonly LogEntry[];
  readonly purchases: readonly Purchase[];
}

/**
 * The newest first; of one day walks first, then what came of them. `dayOf` gives the day of an instant on the keeper's calendar: an
 * evening in America is the next day by the meridian's.
 */
export function timeline(
  { walks, mends, sightings, purchases }: Recorded,
  dayOf: (instant: string) => string,
): Event[] {
  const events: Event[] = [
    ...walks.map((walk): Event => ({ date: walk.date, kind: 'walk', walk, ...byOf(walk) })),
    ...sightings.map((entry): Event => ({
      date: entry.date,
      kind: 'log',
      entry,
      ...byOf(entry),
    })),
    ...purchases.map((purchase): Event => ({ date: purchase.date, kind: 'bought', purchase })),
    ...mends.flatMap((mend) =>
      mend.history.map(({ state, at, walk, by }): Event => ({
        date: dayOf(at),
        kind: 'mend',
        mend,
        state,
        ...(walk !== undefined && { walk }),
        ...(by !== undefined && { by }),
      })),
    ),
  ];
  return events
    .map((event, index) => ({ event, index }))
    .sort((a, b) => b.event.date.localeCompare(a.event.date) || a.index - b.index)
    .map(({ event }) => event);
}

const byOf = ({ written }: { readonly written?: Written }): { readonly by?: string } =>
  written ? { by: written.by } : {};
