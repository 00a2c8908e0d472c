/** Photos as they lie in a backup: pictures that can be opened alone, and a list that says what each shows. */
import { ValidationError } from 'yup';
import type { FileProblem } from '@/core/formats/place-file';
import { constant, list, object, pattern, type Schema } from '@/core/schema/schema';
import { validatorOf } from '@/core/schema/validator';
import { photoFields, photoSchema, type Photo } from './photo-record';
import { NoPicture, redrawn } from './photos';

export const backupFormat = 'rookle-backup';
/** 1 was one JSON document, its photos as text; it is still read. */
export const backupVersion = 2;

const dataUrl = 'data:image/jpeg;base64,';

/** The picture of a photo, to be put into an archive as it is. */
export function pictureOf({ data }: Photo): Uint8Array {
  const letters = atob(data.slice(dataUrl.length));
  const picture = new Uint8Array(letters.length);
  for (let at = 0; at < letters.length; at += 1) picture[at] = letters.charCodeAt(at);
  return picture;
}

function dataOf(picture: Uint8Array): string {
  const step = 0x8000;
  let letters = '';
  for (let at = 0; at < picture.length; at += step)
    letters += String.fromCharCode(...picture.subarray(at, at + step));
  return dataUrl + btoa(letters);
}

const listSchema = object({
  format: constant(backupFormat),
  version: constant(backupVersion),
  photos: list(
    object({ ...photoFields, file: pattern(/^photos\/[^/]+\.jpg$/, 'a file under photos/') }),
  ),
});

/** Where a photo lies in the archive: by its day, and told apart by its number. */
export const fileOf = ({ date }: Photo, index: number): string =>
  `photos/${date}-${String(index + 1).padStart(3, '0')}.jpg`;

/** The list of photos in the order of their files. */
export function listText(photos: readonly Omit<Photo, 'data'>[], files: readonly string[]): string {
  const entries = photos.map(({ id, placeId, item, date, at, width, height }, index) => ({
    ...{ id, placeId, item, date, at, width, height },
    file: files[index],
  }));
  const document = { format: backupFormat, version: backupVersion, photos: entries };
  return `${JSON.stringify(document, null, 1)}\n`;
}

/** Photos by the list, with the pictures that lie in the archive. Every picture must be listed. */
export function listedPhotos(
  text: string,
  pictures: Readonly<Record<string, Uint8Array>>,
): readonly Photo[] | FileProblem {
  const said = parsed(text);
  if ('problem' in said) return said;
  const { document } = said;
  const newer = versionOf(document);
  if (newer !== undefined && newer > backupVersion) {
    return { problem: 'newer-version', version: newer, known: backupVersion };
  }
  const wrongAt = misfit(listSchema, document);
  if (wrongAt !== undefined) return wrongAt;
  const { photos } = document as { photos: readonly (Omit<Photo, 'data'> & { file: string })[] };
  const listed = new Set(photos.map(({ file }) => file));
  const stray = Object.keys(pictures).find((name) => !listed.has(name));
  if (stray !== undefined) return wrong(stray, 'no photo is said to lie there');
  const read: Photo[] = [];
  for (const [index, { file, ...photo }] of photos.entries()) {
    const picture = pictures[file];
    if (!picture) return wrong(`photos[${index}]`, `“${file}” is missing`);
    if (!listed.delete(file)) return wrong(`photos[${index}]`, `“${file}” is used twice`);
    read.push({ ...photo, data: dataOf(picture) });
  }
  return read;
}

/** What a text says as JSON; cut short it says nothing. */
export function parsed(text: string): { readonly document: unknown } | FileProblem {
  try {
    return { document: JSON.parse(text) as unknown };
  } catch {
    return { problem: 'not-json' };
  }
}

export function versionOf(document: unknown): number | undefined {
  if (typeof document !== 'object' || document === null || !('version' in document))
    return undefined;
  return typeof document.version === 'number' ? document.version : undefined;
}

function misfit<T>(schema: Schema<T>, value: unknown): FileProblem | undefined {
  try {
    validatorOf(schema).validateSync(value, { strict: true });
    return undefined;
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    return wrong(error.path ?? '', error.errors[0] ?? 'it has another shape');
  }
}

/** Photos that came in a file: of this place, each once, and every one drawn anew. */
export async function photosFor(
  placeId: string,
  photos: readonly unknown[],
): Promise<readonly Photo[] | FileProblem> {
  const ids = new Set<string>();
  const redone: Photo[] = [];
  for (const [index, photo] of photos.entries()) {
    const path = `photos[${index}]`;
    const wrongAt = misfit(photoSchema, photo);
    if (wrongAt) return wrong(path, 'its shape is not that of a photo');
    const { placeId: of, id } = photo as Photo;
    if (of !== placeId) return wrong(path, 'it belongs to another place');
    if (ids.has(id)) return wrong(path, `the id “${id}” is used twice`);
    ids.add(id);
  }
  for (const [index, photo] of (photos as readonly Photo[]).entries()) {
    try {
      redone.push(await redrawn(photo));
    } catch (error) {
      if (!(error instanceof NoPicture)) throw error;
      return wrong(`photos[${index}]`, 'it is no picture that can be drawn');
    }
  }
  return redone;
}

export const wrong = (path: string, detail: string): FileProblem => ({
  problem: 'wrong-shape',
  path,
  detail,
});
