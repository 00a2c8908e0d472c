/**
 * Photos of a place, one record each under `photo/PLACE/ID`, apart from the yard so that one is read only where it is looked at. They are
 * made small in the browser before they are kept. Beside each stands a picture the size of a thumb under `thumb/PLACE/ITEM/ID`: a screen
 * reads those of its own item, however many the place has (decision 15).
 */
import { underLock } from './change-yard';
import { drawn, NoPicture } from './draw-picture';
import { localDay } from './local-day';
import { newId, now } from './ids';
import { photoKey, photoSchema, thumbKey, thumbPrefix, type Photo } from './photo-record';
import { pack, unpack, Unreadable } from './records';
import { removeAll, storage, writeAll } from './storage';

export type { Photo } from './photo-record';
export { NoPicture } from './draw-picture';

/** Longest side, px: a latch can still be told, and a hundred of them fit where a film of one minute would. */
const longestSide = 1280;
/** Of a thumb, px: sharp at 110 px on a phone's screen. */
const longestThumb = 320;

export const photosKey = (placeId: string) => ['photos', placeId] as const;

/** Of one place, oldest first. One that cannot be read is left out, and stays where it is. */
export async function loadPhotos(placeId: string): Promise<Photo[]> {
  return readPhotos(await keysUnder(`photo/${placeId}/`));
}

/** Ids of all photos of a place, whether or not they can be read. */
export async function photoIds(placeId: string): Promise<string[]> {
  const keys = await keysUnder(`photo/${placeId}/`);
  return keys.map((key) => key.slice(key.lastIndexOf('/') + 1)).sort();
}

/** A screen's own, and how many the place has. */
export interface Thumbs {
  /** Oldest first; each as its photo is, but small. */
  readonly thumbs: readonly Photo[];
  readonly inPlace: number;
}

/** Small pictures of the photos of these items. */
export async function loadThumbs(placeId: string, items: readonly string[]): Promise<Thumbs> {
  const keys = await storage.getAllKeys();
  const photos = new Set(keys.filter((key) => key.startsWith(`photo/${placeId}/`)));
  const own = items.map((item) => thumbPrefix(placeId, item));
  const wanted = keys.filter((key) => own.some((prefix) => key.startsWith(prefix)));
  const thumbs = await readPhotos(wanted);
  return { thumbs: thumbs.filter((it) => photos.has(photoKey(it))), inPlace: photos.size };
}

/** A photo in its full size; `undefined` where it is gone or cannot be read. */
export async function loadPhoto(of: Pick<Photo, 'placeId' | 'id'>): Promise<Photo | undefined> {
  return (await readPhotos([photoKey(of)]))[0];
}

const keysUnder = async (prefix: string): Promise<string[]> =>
  (await storage.getAllKeys()).filter((key) => key.startsWith(prefix));

async function readPhotos(keys: readonly string[]): Promise<Photo[]> {
  const texts = keys.length === 0 ? {} : await storage.getMany([...keys]);
  return keys.flatMap((key) => readable(key, texts[key])).sort((a, b) => a.at.localeCompare(b.at));
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
  const saved = await drawn(picked.uri, widthFor(picked, longestSide));
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
  const thumb = await thumbOf(photo);
  await writeRecords({ [photoKey(photo)]: pack(photo), [thumbKey(thumb)]: pack(thumb) });
  return photo;
}

/** The width that brings the longer side down to so much, px; `undefined` where it is no longer. */
function widthFor(
  { width, height }: Pick<Photo, 'width' | 'height'>,
  longest: number,
): number | undefined {
  const share = longest / Math.max(width, height, 1);
  return share < 1 ? Math.max(1, Math.round(width * share)) : undefined;
}

const thumbOf = async (photo: Photo): Promise<Photo> => ({
  ...photo,
  data: (await drawn(photo.data, widthFor(photo, longestThumb), 0.6)).data,
});

/**
 * Draws what small pictures are missing: of photos from a file, or kept before there were any. One after the other, for none is waited
 * for. Gives how many were drawn; a photo that cannot be drawn has none.
 */
export function drawThumbs(placeId: string): Promise<number> {
  const under = drawing.get(placeId) ?? drawMissing(placeId).finally(() => drawing.delete(placeId));
  drawing.set(placeId, under);
  return under;
}

/** By place: two parts of a screen wait for one. */
const drawing = new Map<string, Promise<number>>();

async function drawMissing(placeId: string): Promise<number> {
  const has = new Set((await keysUnder(`thumb/${placeId}/`)).map((key) => key.split('/').at(-1)));
  let many = 0;
  for (const id of await photoIds(placeId)) {
    if (has.has(id)) continue;
    const photo = await loadPhoto({ placeId, id });
    if (!photo) continue;
    try {
      const thumb = await thumbOf(photo);
      await writeRecords({ [thumbKey(thumb)]: pack(thumb) });
      many += 1;
    } catch (error) {
      if (!(error instanceof NoPicture)) throw error;
    }
  }
  return many;
}

/** A photo that came in a file, drawn and written anew: what is no picture never gets so far. Throws `NoPicture`. */
export async function redrawn(photo: Photo): Promise<Photo> {
  const { width, height, data } = await drawn(photo.data, widthFor(photo, longestSide), 0.9);
  return { ...photo, width, height, data };
}

/** All of them or none; their small pictures are drawn where they are looked at. */
export async function writePhotos(photos: readonly Photo[]): Promise<void> {
  await writeRecords(Object.fromEntries(photos.map((it) => [photoKey(it), pack(it)])));
}

/** What was taken away, as it lay there. */
export type RemovedPhoto = Readonly<Record<string, string>>;

/** Gives what brings it back. */
export async function removePhoto(photo: Photo): Promise<RemovedPhoto> {
  const keys = [photoKey(photo), thumbKey(photo)];
  return underLock(async () => {
    const texts = await storage.getMany(keys);
    await removeAll(keys);
    return Object.fromEntries(
      Object.entries(texts).filter((it): it is [string, string] => !!it[1]),
    );
  });
}

/** Puts back what was taken away. */
export const putBackPhoto = (removed: RemovedPhoto): Promise<void> => writeRecords(removed);

async function writeRecords(records: Readonly<Record<string, string>>): Promise<void> {
  await underLock(() => writeAll(records));
}
