/**
 * Photos of a place, one record each under `photo/PLACE/ID`, apart from the yard so that they are read only where they are shown. They are
 * made small in the browser before they are kept.
 */
import { underLock } from './change-yard';
import { drawn } from './draw-picture';
import { localDay } from './local-day';
import { newId, now } from './ids';
import { photoKey, photoSchema, type Photo } from './photo-record';
import { pack, unpack, Unreadable } from './records';
import { removeAll, storage, writeAll } from './storage';

export type { Photo } from './photo-record';
export { NoPicture } from './draw-picture';

/** Longest side, px: a latch can still be told, and a hundred of them fit where a film of one minute would. */
const longestSide = 1280;

export const photosKey = (placeId: string) => ['photos', placeId] as const;

/** Of one place, oldest first. One that cannot be read is left out, and stays where it is. */
export async function loadPhotos(placeId: string): Promise<Photo[]> {
  const wanted = (await storage.getAllKeys()).filter((key) => key.startsWith(`photo/${placeId}/`));
  const texts = wanted.length === 0 ? {} : await storage.getMany(wanted);
  return wanted
    .flatMap((key) => readable(key, texts[key]))
    .sort((a, b) => a.at.localeCompare(b.at));
}

function readable(key: string, text: string | null | undefined): Photo[] {
  try {
    return text ? [unpack(key, text, photoSchema)] : [];
  } catch (error) {
    if (error instanceof Unreadable) return [];
    throw error;
  }
}

/** Makes it small and keeps it. Throws `NoPicture`, or `NotSaved` where there is no room; nothing else is touched then. */
export async function keepPhoto(
  placeId: string,
  item: string,
  picked: { readonly uri: string; readonly width: number; readonly height: number },
): Promise<Photo> {
  const { uri, width, height } = picked;
  const share = Math.min(1, longestSide / Math.max(width, height, 1));
  const saved = await drawn(uri, share < 1 ? Math.round(width * share) : undefined);
  const photo: Photo = {
    id: newId('photo'),
    placeId,
    item,
    date: localDay(new Date()),
    at: now(),
    width: saved.width,
    height: saved.height,
    data: saved.data,
  };
  await writePhoto(photo);
  return photo;
}

/** A photo that came in a file, drawn and written anew: what is no picture never gets so far. Throws `NoPicture`. */
export async function redrawn(photo: Photo): Promise<Photo> {
  const share = Math.min(1, longestSide / Math.max(photo.width, photo.height, 1));
  const wide = share < 1 ? Math.round(photo.width * share) : undefined;
  const { width, height, data } = await drawn(photo.data, wide, 0.9);
  return { ...photo, width, height, data };
}

export const writePhoto = (photo: Photo): Promise<void> => writePhotos([photo]);

/** All of them or none. */
export async function writePhotos(photos: readonly Photo[]): Promise<void> {
  const records = Object.fromEntries(photos.map((it) => [photoKey(it), pack(it)]));
  await underLock(() => writeAll(records));
}

export async function removePhoto(photo: Photo): Promise<void> {
  await underLock(() => removeAll([photoKey(photo)]));
}
