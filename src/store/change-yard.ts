/**
 * Every change of a place goes through here: under a lock shared by all tabs it is computed from what is stored
 * now, not from what a screen last saw; what changed is written; only then the screens hear of it.
 */
import type { QueryClient } from '@tanstack/react-query';
import type { Mend } from '@/core/place/mend';
import type { Place } from '@/core/place/place';
import type { Walk } from '@/core/place/walk';
import { keyOf, loadYard, pack, type Yard } from './records';
import { removeAll, writeAll } from './storage';
import { tellOtherTabs } from './other-tabs';

export const yardKey = ['yard'] as const;

/** What a change writes; what it does not name stays as it is. */
export interface Changes {
  readonly place?: Place;
  readonly walks?: readonly Walk[];
  readonly mends?: readonly Mend[];
  readonly removedMends?: readonly Mend[];
}

export class NoPlace extends Error {}

export async function changeYard(
  client: QueryClient,
  change: (yard: Yard) => Changes,
): Promise<Yard> {
  const after = await underLock(async () => {
    const yard = await loadYard();
    if (!yard) throw new NoPlace('no place is open');
    const changes = change(yard);
    await write(changes);
    return laid(yard, changes);
  });
  client.setQueryData(yardKey, after);
  tellOtherTabs();
  return after;
}

let lastInThisTab: Promise<unknown> = Promise.resolve();

/**
 * One change at a time: across tabs by the browser's own locks, and within a tab by a queue, since a page that
 * comes over plain http (a phone in the yard) is given no locks.
 */
export function underLock<T>(work: () => Promise<T>): Promise<T> {
  const locked = async (): Promise<T> =>
    navigator.locks ? await navigator.locks.request('rookle-yard', work) : work();
  const turn = lastInThisTab.then(locked, locked);
  lastInThisTab = turn.catch(() => undefined);
  return turn;
}

async function write({ place, walks = [], mends = [], removedMends = [] }: Changes): Promise<void> {
  await writeAll({
    ...(place && { [keyOf.place(place)]: pack(place) }),
    ...Object.fromEntries(walks.map((walk) => [keyOf.walk(walk), pack(walk)])),
    ...Object.fromEntries(mends.map((mend) => [keyOf.mend(mend), pack(mend)])),
  });
  if (removedMends.length > 0) await removeAll(removedMends.map(keyOf.mend));
}

function laid(yard: Yard, changes: Changes): Yard {
  const gone = new Set(changes.removedMends?.map((mend) => mend.id));
  return {
    ...yard,
    place: changes.place ?? yard.place,
    walks: withChanged(yard.walks, changes.walks ?? []),
    mends: withChanged(yard.mends, changes.mends ?? []).filter((mend) => !gone.has(mend.id)),
  };
}

function withChanged<T extends { readonly id: string }>(
  all: readonly T[],
  changed: readonly T[],
): T[] {
  const byId = new Map(changed.map((it) => [it.id, it]));
  const kept = all.map((it) => byId.get(it.id) ?? it);
  return [...kept, ...changed.filter((it) => !all.some((old) => old.id === it.id))];
}
