/** Damaged records of a place that the keeper has done with: out of sight, their bytes kept beside the place and with it. */
import type { QueryClient } from '@tanstack/react-query';
import { underLock } from './change-yard';
import { tellOtherTabs } from './other-tabs';
import { damagedKey, keysOfPlace, loadYard, type Damaged } from './records';
import { showYard } from './show-yard';
import { removeAll, storage, writeAll } from './storage';

export const putAwayKey = (placeId: string) => ['put-away', placeId] as const;

/** What a newer Rookle wrote is not done with: the next version reads it. */
export const canBePutAway = ({ why }: Damaged): boolean => why === 'damaged';

/** Puts away those of them that can be. Stopped half way they are there twice, and are put away again. */
export async function putAway(
  client: QueryClient,
  placeId: string,
  damaged: readonly Damaged[],
): Promise<void> {
  const done = damaged.filter(canBePutAway);
  const yard = await underLock(async () => {
    await writeAll(Object.fromEntries(done.map(({ key, text }) => [damagedKey(key), text])));
    await removeAll(done.map(({ key }) => key));
    return loadYard();
  });
  if (yard) await showYard(client, yard);
  await client.invalidateQueries({ queryKey: putAwayKey(placeId) });
  tellOtherTabs();
}

/** Bytes that were put away, by the key that they had; also those that made way for a record of the same key. */
export async function loadPutAway(placeId: string): Promise<Readonly<Record<string, string>>> {
  const start = damagedKey('');
  const keys = (await keysOfPlace(placeId)).filter((key) => key.startsWith(start));
  const texts = keys.length === 0 ? {} : await storage.getMany(keys);
  return Object.fromEntries(keys.map((key) => [key.slice(start.length), texts[key] ?? '']));
}
