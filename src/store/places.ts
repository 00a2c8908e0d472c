/** Several places in one browser: which there are, which is open, and how one is copied, taken away and brought back. */
import type { QueryClient } from '@tanstack/react-query';
import { underLock, yardKey } from './change-yard';
import { forgetSteps } from './history';
import { forgetJudgements } from './judged';
import { keepPlace } from './open-file';
import { tellOtherTabs } from './other-tabs';
import {
  currentKey,
  deletedKey,
  demoKey,
  keysOfPlace,
  loadYard,
  nameIn,
  visitedKey,
  type Yard,
} from './records';
import { removeAll, storage, writeAll } from './storage';

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
  /** Taken away, until they are removed for good. */
  readonly removed: readonly { readonly id: string; readonly name: string }[];
}

export async function listPlaces(): Promise<Places> {
  const keys = await storage.getAllKeys();
  const open = await storage.getItem(currentKey);
  const wanted = keys.filter((key) => key.startsWith('place/') || key.startsWith('deleted/'));
  const texts = wanted.length === 0 ? {} : await storage.getMany(wanted);
  const named = (start: string) =>
    wanted
      .filter((key) => key.startsWith(start))
      .map((key) => ({ id: key.slice(start.length), text: texts[key] ?? '' }))
      .map(({ id, text }) => ({ id, name: nameIn(text) ?? id }))
      .sort((a, b) => a.name.localeCompare(b.name));
  return {
    kept: named('place/').map(({ id, name }) => ({
      id,
      name,
      isDemo: keys.includes(demoKey(id)),
      isOpen: id === open,
    })),
    removed: named('deleted/'),
  };
}

/** Opens another of the places that are kept here. */
export async function switchPlace(client: QueryClient, id: string): Promise<void> {
  await underLock(() => writeAll({ [currentKey]: id, [visitedKey]: 'yes' }));
  forgetJudgements();
  client.setQueryData(yardKey, await loadYard());
  changed(client);
}

/** A copy of a whole place, readings and mends included, under another name; it is opened. */
export async function duplicatePlace(
  client: QueryClient,
  { place, walks, mends, sightings, shop }: Yard,
  id: string,
): Promise<void> {
  const own = <T extends { readonly placeId: string }>(all: readonly T[]): T[] =>
    all.map((it) => ({ ...it, placeId: id }));
  const name = `${place.name.slice(0, longestName - copyWords.length)}${copyWords}`;
  await keepPlace(client, {
    place: { ...place, id, name },
    walks: own(walks),
    mends: own(mends),
    sightings: own(sightings),
    ...(shop && { shop: { ...shop, placeId: id } }),
  });
  changed(client);
}

const copyWords = ' (copy)';
const longestName = 80;

/** Takes a place out of sight. Its records are set aside as they are, so that it can be brought back. */
export async function removePlace(client: QueryClient, id: string): Promise<void> {
  await underLock(async () => {
    const keys = await keysOfPlace(id);
    await writeAll({ [await freeDeletedKey(id)]: await recordsAt(keys) });
    const open = await storage.getItem(currentKey);
    await removeAll([...keys, ...(open === id ? [currentKey] : [])]);
  });
  forgetSteps(id);
  forgetJudgements();
  client.setQueryData(yardKey, await loadYard());
  changed(client);
}

const recordsAt = async (keys: string[]): Promise<string> =>
  JSON.stringify(await storage.getMany(keys));

/** A place may be taken away twice: opened from its file again in between. */
async function freeDeletedKey(id: string): Promise<string> {
  const keys = new Set(await storage.getAllKeys());
  let key = deletedKey(id);
  for (let count = 2; keys.has(key); count += 1) key = deletedKey(`${id}~${count}`);
  return key;
}

/** Brings one back and opens it. Where a place of the same id has come since, that one is set aside instead of it. */
export async function bringBack(client: QueryClient, removed: string): Promise<void> {
  const key = deletedKey(removed);
  const id = await underLock(async () => {
    const text = await storage.getItem(key);
    if (text === null) return undefined;
    const records = JSON.parse(text) as Record<string, string>;
    const place = Object.keys(records).find((it) => it.startsWith('place/'));
    if (place === undefined) return undefined;
    const own = place.slice('place/'.length);
    const present = await keysOfPlace(own);
    const setAside = present.length > 0 && { [key]: await recordsAt(present) };
    await writeAll({ ...records, [currentKey]: own, ...setAside });
    const stale = present.filter((it) => !(it in records));
    await removeAll([...stale, ...(setAside ? [] : [key])]);
    return own;
  });
  if (id !== undefined) forgetSteps(id);
  forgetJudgements();
  client.setQueryData(yardKey, await loadYard());
  changed(client);
}

/** `removed`: as `listPlaces` names it. */
export async function removeForGood(client: QueryClient, id: string): Promise<void> {
  await underLock(() => removeAll([deletedKey(id)]));
  changed(client);
}

function changed(client: QueryClient): void {
  void client.invalidateQueries({ queryKey: placesKey });
  tellOtherTabs();
}
