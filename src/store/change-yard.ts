/**
 * Every change of a place goes through here: under a lock shared by all tabs it is computed from what is stored
 * now, not from what a screen last saw; what changed is written; only then the screens hear of it.
 */
import type { QueryClient } from '@tanstack/react-query';
import isDeepEqual from 'fast-deep-equal';
import type { ChangeMade } from '../core/records/change-made';
import type { Mend } from '../core/records/mend';
import { questionId } from '../core/walk/questions';
import { laid, type Changes } from './changes';
import {
  forgetSteps,
  inverseOf,
  lastOf,
  movedBack,
  movedForth,
  readHistory,
  remember,
} from './history';
import { damagedKey, keepLoaded, keyOf, loadYard, pack, type Damaged, type Yard } from './records';
import { saying } from './drafts';
import { now } from './ids';
import { acrossTabs } from './lock';
import { thisPhone } from './phone';
import { showYard, yardKey } from './show-yard';
import { stamped } from './stamped';
import { removeAll, writeAll } from './storage';
import { tellOtherTabs } from './other-tabs';

export class NoPlace extends Error {}

/** What was to be undone or done again has been changed since, in another tab. */
export class ChangedSince extends Error {}

/** `made`: what is done, so that it can be taken back; without it it cannot. */
export async function changeYard(
  client: QueryClient,
  change: (yard: Yard) => Changes,
  made?: ChangeMade,
): Promise<Yard> {
  const after = await underLock(async () => {
    const yard = await loadYard();
    if (!yard) throw new NoPlace('no place is open');
    const wanted = change(yard);
    if (Object.keys(wanted).length === 0) return yard;
    const phone = await thisPhone();
    const changes = stamped(yard, wanted, { now: now(), phone: phone.id });
    // With the readings, not after them: stopped in between, what was said would stand there as typed, and be typed on.
    const drafts = saying(yard.place.id, newlySaid(yard, changes));
    const others = { ...drafts.records, ...phone.records };
    const revision = await write(changes, others, yard.damaged);
    drafts.done();
    askToKeep();
    if (made !== undefined) {
      const before = inverseOf(yard, changes);
      remember({ placeId: yard.place.id, made, before, after: changes });
    }
    const changed = laid(yard, changes);
    keepLoaded({ yard: changed, revision });
    return changed;
  });
  await showYard(client, after);
  tellOtherTabs();
  return after;
}

let asked = false;

/** Once there is something of the keeper's own to keep, the browser is asked not to throw it away when room runs short. */
function askToKeep(): void {
  if (asked || typeof navigator === 'undefined') return;
  asked = true;
  void navigator.storage?.persist?.().catch(() => undefined);
}

/** Takes the last change of the open place back. What was done is said; nothing, where there is none. */
export function undo(client: QueryClient): Promise<ChangeMade | undefined> {
  return step(client, 'past');
}

export function redo(client: QueryClient): Promise<ChangeMade | undefined> {
  return step(client, 'future');
}

async function step(client: QueryClient, way: 'past' | 'future'): Promise<ChangeMade | undefined> {
  const now = client.getQueryData<Yard | null>(yardKey);
  const one = now && lastOf(readHistory()[way], now.place.id);
  if (!one) return undefined;
  const [replaced, wanted] = way === 'past' ? [one.after, one.before] : [one.before, one.after];
  await changeYard(client, (yard) => {
    if (!stands(yard, replaced)) {
      forgetSteps(one.placeId);
      throw new ChangedSince('changed since');
    }
    return wanted;
  });
  if (way === 'past') movedBack(one);
  else movedForth(one);
  return one.made;
}

/** Whether what a change wrote is still what is stored. */
function stands({ place, walks, mends, sightings, shop }: Yard, changes: Changes): boolean {
  const same = (
    all: readonly { readonly id: string }[],
    some: Changes['walks' | 'mends' | 'sightings'] = [],
  ) =>
    some.every((it) =>
      isSame(
        all.find(({ id }) => id === it.id),
        it,
      ),
    );
  return (
    (changes.place === undefined || isSame(changes.place, place)) &&
    (changes.shop === undefined || isSame(changes.shop, shop)) &&
    same(walks, changes.walks) &&
    same(mends, changes.mends) &&
    same(sightings, changes.sightings)
  );
}

/** As they are stored: what is undefined is not there. When and where they were written is not what they say. */
const isSame = (a: object | undefined, b: object | undefined): boolean =>
  isDeepEqual(said(a), said(b));

const said = (record: object | undefined): unknown => {
  const { history, ...rest } = {
    history: undefined,
    ...record,
    written: undefined,
    versions: undefined,
  };
  const states = (history as Mend['history'] | undefined)?.map((it) => ({ ...it, by: undefined }));
  return JSON.parse(JSON.stringify({ ...rest, states }));
};

let lastInThisTab: Promise<unknown> = Promise.resolve();

/**
 * One change at a time: within a tab by a queue, across tabs by a lock.
 */
export function underLock<T>(work: () => Promise<T>): Promise<T> {
  const locked = (): Promise<T> => acrossTabs(work);
  const turn = lastInThisTab.then(locked, locked);
  lastInThisTab = turn.catch(() => undefined);
  return turn;
}

/** The questions that get a reading. */
function newlySaid({ walks: before }: Yard, { walks = [] }: Changes): string[] {
  return walks.flatMap((walk) => {
    const known = new Set(before.find(({ id }) => id === walk.id)?.readings.map(({ id }) => id));
    const read = walk.readings.filter(({ id }) => !known.has(id));
    return read.map(({ item, attribute }) => questionId(item, attribute));
  });
}

/** The new revision; none where something was taken away. */
async function write(
  {
    place,
    walks = [],
    mends = [],
    sightings = [],
    shop,
    removedShop,
    removedWalks = [],
    removedMends = [],
    removedSightings = [],
    gone: marks = [],
    removedGone = [],
  }: Changes,
  others: Readonly<Record<string, string>>,
  damaged: readonly Damaged[] = [],
): Promise<string | undefined> {
  const records = {
    ...(place && { [keyOf.place(place)]: pack(place) }),
    ...Object.fromEntries(walks.map((walk) => [keyOf.walk(walk), pack(walk)])),
    ...Object.fromEntries(mends.map((mend) => [keyOf.mend(mend), pack(mend)])),
    ...Object.fromEntries(sightings.map((entry) => [keyOf.sighting(entry), pack(entry)])),
    ...(shop && { [keyOf.shop(shop)]: pack(shop) }),
    ...Object.fromEntries(marks.map((it) => [keyOf.gone(it), pack(it)])),
  };
  // What cannot be read is never written over: its bytes are kept beside.
  const beside = damaged.filter(({ key }) => key in records);
  const revision = await writeAll({
    ...records,
    ...others,
    ...Object.fromEntries(beside.map(({ key, text }) => [damagedKey(key), text])),
  });
  const gone = [
    ...removedWalks.map(keyOf.walk),
    ...removedMends.map(keyOf.mend),
    ...removedSightings.map(keyOf.sighting),
    ...(removedShop ? [keyOf.shop(removedShop)] : []),
    ...removedGone.map(keyOf.gone),
  ];
  if (gone.length === 0) return revision;
  await removeAll(gone);
  return undefined;
}
