/** Opening a place: from a file, from the demo, or newly begun. Each replaces the records of that place only. */
import type { QueryClient } from '@tanstack/react-query';
import {
  writePlaceFile,
  type FileProblem,
  type OpenedFile,
  type PlaceFile,
} from '@/core/formats/place-file';
import { readingPlaceFile } from '@/core/formats/read-place-file';
import { underLock, yardKey } from './change-yard';
import { forgetJudgements, judgeInTurns } from './judged';
import { localDay } from './local-day';
import { inTurns } from './in-turns';
import { tellOtherTabs } from './other-tabs';
import { forgetSteps } from './history';
import { currentKey, keyOf, keysOfPlace, pack, visitedKey, type Yard } from './records';
import { photoKey, type Photo } from './photo-record';
import { removeAll, storage, writeAll } from './storage';

/** Reads and keeps a place file. Comes back with the problem where it cannot be read; then nothing was changed. */
export async function openFile(client: QueryClient, text: string): Promise<FileProblem | Opened> {
  const read = await inTurns(readingPlaceFile(text));
  if ('problem' in read) return read;
  await keepPlace(client, read.file);
  return openedOf(read);
}

/** What is to be said of a file that was opened: names of what has become unread. */
export interface Opened {
  readonly unread: readonly string[];
}

export const openedOf = ({ unread = [] }: Pick<OpenedFile, 'unread'>): Opened => ({ unread });

/** Keeps a whole place and opens it. A place of the same id is replaced, once the new one is safely written; its photos only where any are given. */
export async function keepPlace(
  client: QueryClient,
  file: PlaceFile | Yard,
  photos?: readonly Photo[],
): Promise<void> {
  client.setQueryData(yardKey, await writePlace(file, photos));
  tellOtherTabs();
}

/** The same without telling anybody; comes back with the place as it is now open. */
export async function writePlace(
  { place, walks, mends, sightings, shop }: PlaceFile | Yard,
  photos?: readonly Photo[],
): Promise<Yard> {
  await underLock(async () => {
    const records = {
      [keyOf.place(place)]: pack(place),
      ...Object.fromEntries(walks.map((walk) => [keyOf.walk(walk), pack(walk)])),
      ...Object.fromEntries(mends.map((mend) => [keyOf.mend(mend), pack(mend)])),
      ...Object.fromEntries(sightings.map((it) => [keyOf.sighting(it), pack(it)])),
      ...(shop && { [keyOf.shop(shop)]: pack(shop) }),
      ...Object.fromEntries((photos ?? []).map((it) => [photoKey(it), pack(it)])),
    };
    // A place file has no photos: those that are kept here stay. A backup has all of them.
    const stale = (await keysOfPlace(place.id)).filter(
      (key) => !(key in records) && (photos !== undefined || !key.startsWith('photo/')),
    );
    await writeAll({ ...records, [currentKey]: place.id, [visitedKey]: 'yes' });
    if (stale.length > 0) await removeAll(stale);
  });
  forgetSteps(place.id);
  const yard = { place, walks, mends, sightings, ...(shop && { shop }) };
  forgetJudgements();
  // Safely written; then judged in turns before any screen asks for it.
  await judgeInTurns(yard, { scenario: 'night-shut', day: localDay(new Date()) });
  return yard;
}

export async function isFirstVisit(): Promise<boolean> {
  return (await storage.getItem(visitedKey)) === null;
}

export function exportText(yard: Yard): string {
  return writePlaceFile(yard);
}
