/** Writing a whole place, and opening it. Nothing that is here is replaced without being put aside whole. */
import type { QueryClient } from '@tanstack/react-query';
import { writePlaceFile, type PlaceFile } from '@/core/formats/place-file';
import { underLock } from './change-yard';
import { forgetSteps } from './history';
import { now } from './ids';
import { forgetJudgements, judgeInTurns } from './judged';
import { localDay } from './local-day';
import { tellOtherTabs } from './other-tabs';
import { photoKey, type Photo } from './photo-record';
import {
  currentKey,
  demoKey,
  keyOf,
  keysOfPlace,
  pack,
  removedKey,
  visitedKey,
  type Yard,
} from './records';
import { asideOf } from './set-aside';
import { showYard } from './show-yard';
import { removeAll, storage, writeAll } from './storage';

/** Keeps a whole place and opens it. Another of the same id is put aside in the same step, whole, and can be brought back. */
export async function keepPlace(
  client: QueryClient,
  file: PlaceFile | Yard,
  photos?: readonly Photo[],
): Promise<void> {
  await underLock(() => writeRecords(file, photos));
  await showYard(client, await afterWriting(file));
  tellOtherTabs();
}

/** On a first visit, without telling anybody: the place as it is now open. `undefined`: another has been opened meanwhile, and stays open. */
export async function writeFirstPlace(file: PlaceFile): Promise<Yard | undefined> {
  const isFirst = await underLock(async () => {
    if (!(await isFirstVisit())) return false;
    await writeRecords(file);
    return true;
  });
  return isFirst ? afterWriting(file) : undefined;
}

async function writeRecords(
  { place, walks, mends, sightings, shop, gone = [] }: PlaceFile | Yard,
  photos?: readonly Photo[],
): Promise<void> {
  const records = {
    [keyOf.place(place)]: pack(place),
    ...Object.fromEntries(walks.map((walk) => [keyOf.walk(walk), pack(walk)])),
    ...Object.fromEntries(mends.map((mend) => [keyOf.mend(mend), pack(mend)])),
    ...Object.fromEntries(sightings.map((it) => [keyOf.sighting(it), pack(it)])),
    ...(shop && { [keyOf.shop(shop)]: pack(shop) }),
    ...Object.fromEntries(gone.map((it) => [keyOf.gone(it), pack(it)])),
    ...Object.fromEntries((photos ?? []).map((it) => [photoKey(it), pack(it)])),
  };
  const stale = (await keysOfPlace(place.id)).filter((key) => {
    if (key in records) return false;
    // A place file has no photos: those that are kept here stay. A backup has all of them.
    if (photos === undefined && /^(photo|thumb)\//.test(key)) return false;
    const [kind, placeId = '', , id = ''] = key.split('/');
    return kind !== 'thumb' || !(photoKey({ placeId, id }) in records);
  });
  const isReplaced = await differs(place.id, records, stale);
  const aside = isReplaced ? await asideOf(place.id, now()) : {};
  await writeAll({ ...records, ...aside, [currentKey]: place.id, [visitedKey]: 'yes' });
  if (stale.length > 0) await removeAll(stale);
}

async function afterWriting({ place, walks, mends, sightings, shop, gone }: PlaceFile | Yard) {
  forgetSteps(place.id);
  const yard: Yard = {
    place,
    walks,
    mends,
    sightings,
    ...(shop && { shop }),
    ...(gone && { gone }),
  };
  forgetJudgements();
  // Safely written; then judged in turns before any screen asks for it.
  await judgeInTurns(yard, { scenario: 'night-shut', day: localDay(new Date()) });
  return yard;
}

/** Whether anything that is kept of a place would be lost by these records. */
async function differs(
  id: string,
  records: Readonly<Record<string, string>>,
  stale: readonly string[],
): Promise<boolean> {
  // Small pictures are drawn again from the photos.
  const lost = stale.filter(
    (key) => key !== removedKey(id) && key !== demoKey(id) && !key.startsWith('thumb/'),
  );
  if (lost.length > 0) return true;
  const kept = (await keysOfPlace(id)).filter((key) => key in records);
  const texts = kept.length === 0 ? {} : await storage.getMany(kept);
  return kept.some((key) => texts[key] !== records[key]);
}

export async function isFirstVisit(): Promise<boolean> {
  return (await storage.getItem(visitedKey)) === null;
}

export function exportText(yard: Yard): string {
  return writePlaceFile(yard);
}
