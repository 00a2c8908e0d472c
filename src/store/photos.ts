/**
 * Photos of a place, one record each under `photo/PLACE/ID`, apart from the yard so that they are read only where they are shown. They are
 * made small in the browser before they are kept.
 */
import { underLock } from './change-yard';
import { localDay } from './local-day';
import { newId, now } from './ids';
import { photoKey, photoSchema, type Photo } from './photo-record';
import { pack, unpack } from './records';
import { removeAll, storage, writeAll } from './storage';

export type { Photo } from './photo-record';

/** Longest side, px: a latch can still be told, and a hundred of them fit where a film of one minute would. */
const longestSide = 1280;

export const photosKey = (placeId: string) => ['photos', placeId] as const;

/** Of one place, oldest first. */
export async function loadPhotos(placeId: string): Promise<Photo[]> {
  const wanted = (await storage.getAllKeys()).filter((key) => key.startsWith(`photo/${placeId}/`));
  const texts = wanted.length === 0 ? {} : await storage.getMany(wanted);
  return wanted
    .flatMap((key) => (texts[key] ? [unpack(key, texts[key], photoSchema)] : []))
    .sort((a, b) => a.at.localeCompare(b.at));
}

/** What was picked cannot be drawn by this browser. */
export class NoPicture extends Error {}

/** Makes it small and keeps it. Throws `NoPicture`, or `NotSaved` where there is no room; nothing else is touched then. */
export async function keepPhoto(
  placeId: string,
  item: string,
  picked: { readonly uri: string; readonly width: number; readonly height: number },
): Promise<Photo> {
  const { uri, width, height } = picked;
  const share = Math.min(1, longestSide / Math.max(width, height, 1));
  const saved = await madeSmall(uri, share < 1 ? Math.round(width * share) : undefined);
  const photo: Photo = {
    id: newId('photo'),
    placeId,
    item,
    date: localDay(new Date()),
    at: now(),
    width: saved.width,
    height: saved.height,
    data: `data:image/jpeg;base64,${(saved.base64 ?? '').replace(/^data:[^,]*,/, '')}`,
  };
  await writePhoto(photo);
  return photo;
}

async function madeSmall(uri: string, width: number | undefined) {
  // Asked for when a photo is taken: no other screen waits for it (decision 15).
  const { ImageManipulator, SaveFormat } = await import('expo-image-manipulator');
  try {
    const context = ImageManipulator.manipulate(uri);
    if (width !== undefined) context.resize({ width });
    const image = await context.renderAsync();
    return await image.saveAsync({ format: SaveFormat.JPEG, compress: 0.72, base64: true });
  } catch {
    throw new NoPicture('cannot be drawn');
  }
}

export async function writePhoto(photo: Photo): Promise<void> {
  await underLock(() => writeAll({ [photoKey(photo)]: pack(photo) }));
}

export async function removePhoto(photo: Photo): Promise<void> {
  await underLock(() => removeAll([photoKey(photo)]));
}
