/** What a keeper can change, as calls that end when the change is stored. Times come from here; core has no clock. */
import { useQueryClient } from '@tanstack/react-query';
import isDeepEqual from 'fast-deep-equal';
import { useMemo } from 'react';
import { addedItem, removeFromPlace } from '@/core/mends/added-items';
import { chooseMend, type Proposal } from '@/core/mends/propose';
import { moveMend, reviewMends } from '@/core/mends/review';
import { latestReadings } from '@/core/place/apply-readings';
import type { Mend, MendState } from '@/core/place/mend';
import type { Place } from '@/core/place/place';
import type { Reading, Walk } from '@/core/place/walk';
import { openWalk, withReading } from '@/core/walk/open-walk';
import { changeYard } from './change-yard';

export type NewReading = Pick<Reading, 'item' | 'attribute' | 'value' | 'how' | 'note'>;

export type Said = Pick<Reading, 'item' | 'attribute' | 'value'>;

export function useChanges() {
  const client = useQueryClient();
  return useMemo(() => {
    const change = (label: string, work: Parameters<typeof changeYard>[1]) =>
      changeYard(client, work, label);
    return {
      /** Adds a reading to the open walk of that kind, beginning one where there is none; mends follow. */
      saveReading: (reading: NewReading, kind: Walk['kind']) =>
        change('the reading', ({ place, walks, mends }) => {
          const at = now();
          const walk = withReading(openWalk(walks, kind) ?? newWalk(place, walks, kind), {
            ...reading,
            id: newId('r'),
            at,
          });
          const after = [...walks.filter((it) => it.id !== walk.id), walk];
          return { walks: [walk], mends: reviewMends(place, after, mends, at, walk.id) };
        }),
      endWalk: (kind: Walk['kind']) =>
        change('ending the walk', ({ walks }) => {
          const walk = openWalk(walks, kind);
          return walk ? { walks: [{ ...walk, ended: true }] } : {};
        }),
      /** Takes a proposed mend on to the list. */
      planMend: async (proposal: Proposal): Promise<string> => {
        const id = newId('mend');
        await change('the mend', ({ place }) => {
          const chosen = chooseMend(place, proposal, id, now());
          return { place: chosen.place, mends: [chosen.mend] };
        });
        return id;
      },
      moveMend: (id: string, state: MendState) =>
        change('the mend’s state', ({ mends }) => ({
          mends: mends.filter((mend) => mend.id === id).map((mend) => moveMend(mend, state, now())),
        })),
      dropMend: (id: string) =>
        change('dropping the mend', ({ place, walks, mends }) => dropMend(place, walks, mends, id)),
      /** `label`: what it is, for "Undo: …". Where nothing comes of it, nothing is written. */
      changePlace: (label: string, work: (place: Place) => Place) =>
        change(label, ({ place }) => {
          const after = work(place);
          return isDeepEqual(after, place) ? {} : { place: after };
        }),
      /** Keeps what the keeper says of items from memory, as readings that say so; mends follow. */
      say: (label: string, said: readonly Said[]) =>
        change(label, ({ place, walks, mends }) => {
          const at = now();
          const walk = said.reduce<Walk>(
            (it, one) => withReading(it, { ...one, how: 'remembered', id: newId('r'), at }),
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
  const wasRead = read.has(addedItem(mend.spot, mend.kind));
  return { place: removeFromPlace(place, mend, wasRead), removedMends: [mend] };
}

function newWalk(place: Place, walks: readonly Walk[], kind: Walk['kind']): Walk {
  const date = localDay(new Date());
  // Ids sort by day and order, so that walks load oldest first.
  const id = `${date}-${String(walks.length + 1).padStart(4, '0')}`;
  return { id, placeId: place.id, date, kind, ended: false, readings: [] };
}

/** What was said in one day is kept together; it is no walk that waits to be ended. */
function saidToday(place: Place, walks: readonly Walk[]): Walk {
  const fresh = newWalk(place, walks, 'said');
  const today = walks.find(({ kind, date }) => kind === 'said' && date === fresh.date);
  return today ?? { ...fresh, ended: true };
}

export function now(): string {
  return new Date().toISOString();
}

/** The keeper's own day, not the meridian's. */
export function localDay(date: Date): string {
  const pad = (part: number) => String(part).padStart(2, '0');
  return `${date.getFullYear()}-${pad(date.getMonth() + 1)}-${pad(date.getDate())}`;
}

/** `crypto.randomUUID` is missing where the page comes over plain http from another machine: a phone in the yard. */
export function newId(kind: string): string {
  const bytes = crypto.getRandomValues(new Uint8Array(8));
  return `${kind}-${[...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('')}`;
}
