/** What a keeper can change, as calls that end when the change is stored. Times come from here; core has no clock. */
import { useQueryClient } from '@tanstack/react-query';
import isDeepEqual from 'fast-deep-equal';
import { useMemo } from 'react';
import { isAddedBy } from '@/core/records/added-id';
import { removeFromPlace } from '@/core/mends/added-items';
import { readyFor } from '@/core/mends/plan/with-mends';
import { chooseMend, type Proposal } from '@/core/mends/propose';
import { moveMend, reviewMends } from '@/core/mends/review';
import { latestReadings } from '@/core/records/apply-readings';
import type { Mend, MendState } from '@/core/records/mend';
import type { LogEntry } from '@/core/records/sighting';
import type { Place } from '@/core/place/place';
import type { PutOff, Reading, Walk } from '@/core/records/walk';
import type { Course } from '@/core/walk/stops';
import { openWalk, withReading } from '@/core/walk/open-walk';
import { millisecondsLater, nextDay, nextStamp } from '@/core/walk/stamp';
import { localDay } from './local-day';
import type { ChangeMade } from '../core/records/change-made';
import { changeYard } from './change-yard';
import { newId } from './ids';

export type NewReading = Pick<Reading, 'item' | 'attribute' | 'value' | 'how' | 'note'>;

export type Statement = Pick<Reading, 'item' | 'attribute' | 'value'>;

/** An entry of the log, without what is given to it when it is kept. */
export type NewEntry = WithoutIds<LogEntry>;
type WithoutIds<E> = E extends LogEntry ? Omit<E, 'id' | 'placeId'> : never;

/** Readings of a walk, which the walk itself takes back. */
export const isReading = (made: ChangeMade): boolean => made === 'reading' || made === 'readings';

function readingsMade(count: number, kind: Walk['kind']): ChangeMade {
  if (kind === 'measure-again') return 'mends-reading';
  return count === 1 ? 'reading' : 'readings';
}

export function useChanges() {
  const client = useQueryClient();
  return useMemo(() => {
    const change = (made: ChangeMade, work: Parameters<typeof changeYard>[1]) =>
      changeYard(client, work, made);
    return {
      /** Adds readings to the open walk of that kind, beginning one where there is none; mends follow. */
      saveReadings: (readings: readonly NewReading[], kind: Walk['kind']) =>
        change(readingsMade(readings.length, kind), (yard) => {
          const { place, walks, mends } = yard;
          const at = nextStamp(yard, new Date());
          const walk = readings.reduce<Walk>(
            (it, reading) => withReading(it, { ...reading, id: newId('r'), at }),
            openWalk(walks, kind) ?? newWalk(place, walks, kind),
          );
          const after = [...walks.filter((it) => it.id !== walk.id), walk];
          return { walks: [walk], mends: reviewMends(place, after, mends, at, walk.id) };
        }),
      /** Begins a walk for what it is for. One that is in hand goes on instead: it is never ended unasked. */
      beginWalk: (course: Course) =>
        change('beginning-the-walk', ({ place, walks }) =>
          openWalk(walks, 'lap') ? {} : { walks: [{ ...newWalk(place, walks, 'lap'), ...course }] },
        ),
      /** Puts a stop of the open walk off, or takes it up again. */
      putOff: (stop: string, to: PutOff['to'] | undefined) =>
        change('putting-a-stop-off', ({ walks }) => {
          const walk = openWalk(walks, 'lap');
          if (!walk) return {};
          const others = (walk.putOff ?? []).filter((it) => it.stop !== stop);
          return { walks: [{ ...walk, putOff: [...others, ...(to ? [{ stop, to }] : [])] }] };
        }),
      endWalk: (kind: Walk['kind']) =>
        change('ending-the-walk', ({ walks }) => {
          const walk = openWalk(walks, kind);
          return walk ? { walks: [{ ...walk, ended: true }] } : {};
        }),
      /** Takes a proposed mend on to the list. */
      planMend: async (proposal: Proposal): Promise<string> => {
        const id = newId('mend');
        await change('mend', (yard) => {
          const chosen = chooseMend(yard.place, proposal, id, nextStamp(yard, new Date()));
          return { place: chosen.place, mends: [chosen.mend] };
        });
        return id;
      },
      /** Takes all of a plan on to the list, one after the other as they are to be made. */
      planAll: (wanted: readonly Mend[]) =>
        change(wanted.length === 1 ? 'mend' : 'plans-mends', (yard) => {
          const at = nextStamp(yard, new Date());
          const mends = wanted.map((mend, index): Mend => ({
            ...mend,
            id: mend.id || newId('mend'),
            state: 'planned',
            history: [
              ...mend.history.filter((it) => it.at !== ''),
              { state: 'planned', at: millisecondsLater(at, index) },
            ],
          }));
          return { place: readyFor(yard.place, mends), mends };
        }),
      /** Keeps a mend of the keeper's own as one that might be made. */
      addOwnMend: (mend: Mend) =>
        change('mend-of-your-own', (yard) => {
          const at = nextStamp(yard, new Date());
          return { mends: [{ ...mend, id: newId('mend'), history: [{ state: 'open', at }] }] };
        }),
      moveMend: (id: string, state: MendState) =>
        change('mends-state', (yard) => ({
          mends: yard.mends
            .filter((mend) => mend.id === id)
            .map((mend) => moveMend(mend, state, nextStamp(yard, new Date()))),
        })),
      dropMend: (id: string) =>
        change('dropping-the-mend', ({ place, walks, mends }) => dropMend(place, walks, mends, id)),
      /** `made`: what it is, for "Undo: …". Where nothing comes of it, nothing is written. */
      changePlace: (made: ChangeMade, work: (place: Place) => Place) =>
        change(made, ({ place }) => {
          const after = work(place);
          return isDeepEqual(after, place) ? {} : { place: after };
        }),
      /** Writes an entry of the log, new or changed. */
      logEntry: async (made: ChangeMade, entry: NewEntry & { readonly id?: string }) => {
        const id = entry.id ?? newId('log');
        await change(made, ({ place }) => ({
          sightings: [{ ...entry, id, placeId: place.id } as LogEntry],
        }));
        return id;
      },
      /** Changes an entry of the log as it then stands, not as it was drawn: of two fields filled quickly neither is lost. */
      changeEntry: (made: ChangeMade, id: string, work: (entry: LogEntry) => LogEntry) =>
        change(made, ({ sightings }) => ({
          sightings: sightings.filter((it) => it.id === id).map(work),
        })),
      removeEntry: (id: string) =>
        change('taking-an-entry-out-of-the-log', ({ sightings }) => ({
          removedSightings: sightings.filter((it) => it.id === id),
        })),
      /** Keeps what the keeper says of items, as readings: from memory, unless `how` says that it was measured just now; mends follow. */
      say: (made: ChangeMade, said: readonly Statement[], how: Reading['how'] = 'remembered') =>
        change(made, (yard) => {
          const { place, walks, mends } = yard;
          const at = nextStamp(yard, new Date());
          const walk = said.reduce<Walk>(
            (it, one) => withReading(it, { ...one, how, id: newId('r'), at }),
            saidToday(place, walks),
          );
          const after = [...walks.filter((it) => it.id !== walk.id), walk];
          return { walks: [walk], mends: reviewMends(place, after, mends, at, walk.id) };
        }),
    };
  }, [client]);
}

function dropMend(
  place: Place,
  walks: readonly Walk[],
  mends: readonly Mend[],
  id: string,
): Parameters<typeof changeYard>[1] extends (yard: never) => infer Changes ? Changes : never {
  const mend = mends.find((it) => it.id === id);
  if (!mend) return {};
  const read = new Set([...latestReadings(walks).values()].map(({ reading }) => reading.item));
  const wasRead = [...read].some((it) => isAddedBy(mend, it));
  return { place: removeFromPlace(place, mend, wasRead), removedMends: [mend] };
}

function newWalk(place: Place, walks: readonly Walk[], kind: Walk['kind']): Walk {
  const date = nextDay(walks, localDay(new Date()));
  // Ids sort by day and order, so that walks load oldest first; two phones' walks of one day are two.
  const id = newId(`${date}-${String(walks.length + 1).padStart(4, '0')}`);
  return { id, placeId: place.id, date, kind, ended: false, readings: [] };
}

/** What was said in one day is kept together; it is no walk that waits to be ended. */
function saidToday(place: Place, walks: readonly Walk[]): Walk {
  const fresh = newWalk(place, walks, 'said');
  const today = walks.find(({ kind, date }) => kind === 'said' && date === fresh.date);
  return today ?? { ...fresh, ended: true };
}
