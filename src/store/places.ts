/** Several places in one browser: which there are, which is open, and how one is copied, taken away and brought back. */
import type { QueryClient } from '@tanstack/react-query';
import { underLock } from './change-yard';
import { forgetSteps } from './history';
import { forgetJudgements } from './judged';
import { keepPlace } from './keep-place';
import { tellOtherTabs } from './other-tabs';
import { ownCopy } from './own-copy';
import {
  currentKey,
  demoKey,
  keysOfPlace,
  loadYard,
  nameIn,
  removedKey,
  visitedKey,
  type Yard,
} from './records';
import { asideOf, listSetAside, markedId, markedIds, recordsIn, type SetAside } from './set-aside';
import { showYard } from './show-yard';
import { removeAll, storage, writeAll } from './storage';
import { now } from './ids';

export const placesKey = ['places'] as const;

export interface KeptPlace {
  readonly id: string;
  readonly name: string;
  /** One of Rookle's own scenes, kept apart from the keeper's places. */
  readonly isDemo: boolean;
  readonly isOpen: boolean;
}

export interface Places {
  readonly kept: readonly KeptPlace[];
  /** Taken away or put aside for another of its id, until they are removed for good. */
  readonly removed: readonly SetAside[];
}

export async function listPlaces(): Promise<Places> {
  const keys = await storage.getAllKeys();
  const open = await storage.getItem(currentKey);
  const marked = markedIds(keys);
  const ids = keys
    .filter((key) => key.startsWith('place/'))
    .map((key) => key.slice('place/'.length))
    .filter((id) => !marked.has(id));
  const texts = ids.length === 0 ? {} : await storage.getMany(ids.map((id) => `place/${id}`));
  return {
    kept: ids
      .map((id) => ({
        id,
        name: nameIn(texts[`place/${id}`] ?? '') ?? id,
        isDemo: keys.includes(demoKey(id)),
        isOpen: id === open,
      }))
      .sort((x, y) => x.name.localeCompare(y.name)),
    removed: await listSetAside(keys),
  };
}

/** Opens another of the places that are kept here. */
export async function switchPlace(client: QueryClient, id: string): Promise<void> {
  await underLock(() => writeAll({ [currentKey]: id, [visitedKey]: 'yes' }));
  forgetJudgements();
  await showYard(client, await loadYard());
  changed(client);
}

/** A copy of a whole place, readings and mends included, under another name; it is opened. */
export async function duplicatePlace(client: QueryClient, yard: Yard, id: string): Promise<void> {
  await keepPlace(client, ownCopy(yard, id, copyWords));
  changed(client);
}

const copyWords = ' (copy)';

/** Takes a place out of sight. Its records stay as they are, so that taking it away needs no room, and it can be brought back. */
export async function removePlace(client: QueryClient, id: string): Promise<void> {
  await underLock(async () => {
    // Nothing is open before it is hidden: whatever stops in between, no screen shows what is being taken away.
    if ((await storage.getItem(currentKey)) === id) await removeAll([currentKey]);
    await writeAll({ [removedKey(id)]: now() });
  });
  await afterMove(client, id);
}

/** Brings one back and opens it. Where a place of the same id is here, that one is set aside instead of it. `key`: as `listPlaces` names it. */
export async function bringBack(client: QueryClient, key: string): Promise<void> {
  const marked = markedId(key);
  const id = await underLock(async () => {
    if (marked !== undefined) {
      await writeAll({ [currentKey]: marked });
      await removeAll([key]);
      return marked;
    }
    const text = await storage.getItem(key);
    const { records } = recordsIn(text ?? '');
    const place = Object.keys(records).find((it) => it.startsWith('place/'));
    if (place === undefined) return undefined;
    const own = place.slice('place/'.length);
    const present = await keysOfPlace(own);
    await writeAll({ ...records, [currentKey]: own, ...(await asideOf(own, now())) });
    await removeAll([...present.filter((it) => !(it in records)), key]);
    return own;
  });
  await afterMove(client, id);
}

/** Gone for good, and its room with it. `key`: as `listPlaces` names it. */
export async function removeForGood(client: QueryClient, key: string): Promise<void> {
  const marked = markedId(key);
  await underLock(async () => {
    await removeAll(marked === undefined ? [key] : [...(await keysOfPlace(marked)), key]);
  });
  changed(client);
}

async function afterMove(client: QueryClient, id: string | undefined): Promise<void> {
  if (id !== undefined) forgetSteps(id);
  forgetJudgements();
  await showYard(client, await loadYard());
  changed(client);
}

function changed(client: QueryClient): void {
  void client.invalidateQueries({ queryKey: placesKey });
  tellOtherTabs();
}
