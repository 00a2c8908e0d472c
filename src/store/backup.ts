/**
 * A whole place as one file, photos too, and back. It holds a place file as it is, and the photos beside it. Read as strictly as a
 * place file: what cannot be read whole changes nothing.
 */
import type { QueryClient } from '@tanstack/react-query';
import { ValidationError } from 'yup';
import { validatorOf } from '@/core/schema/validator';
import {
  formatVersion,
  largestFile,
  type FileProblem,
  type OpenedFile,
} from '@/core/formats/place-file';
import { readingPlaceFile } from '@/core/formats/read-place-file';
import { inTurns } from './in-turns';
import { exportText } from './keep-place';
import { keepOpened, openFile, type IsHere, type Opened, type WhenHere } from './open-file';
import { photoSchema, type Photo } from './photo-record';
import { loadPhotos, NoPicture, photosKey, redrawn } from './photos';
import type { Yard } from './records';

export const backupFormat = 'rookle-backup';
export const backupVersion = 1;
/** A phone's whole store of photos stays below this. */
export const largestBackup = 300 * 1024 * 1024;

/** With all its photos it would be larger than what can be opened again. */
export class TooLarge extends Error {}

/** Everything of a place as one file. Throws `TooLarge` rather than write one that could not be opened. */
export async function backupText(yard: Yard): Promise<string> {
  const photos = await loadPhotos(yard.place.id);
  const size = photos.reduce((sum, { data }) => sum + data.length, 0);
  if (size > largestBackup - largestFile)
    throw new TooLarge('more photos than a file has room for');
  // The place file is text already, and is put in as it is.
  return `{"format":"${backupFormat}","version":${backupVersion},"file":${exportText(yard).trim()},"photos":${JSON.stringify(photos)}}\n`;
}

/** Opens a place file or a backup. Comes back with the problem where it cannot be read; then nothing was changed. */
export async function openAnyFile(
  client: QueryClient,
  text: string,
  whenHere?: WhenHere,
): Promise<FileProblem | IsHere | Opened> {
  // Looked at where it begins, so that a place file is read once. Some editors put a mark of their own before everything.
  const bare = text.startsWith('\uFEFF') ? text.slice(1) : text;
  if (!isBackup.test(bare.slice(0, 500))) return openFile(client, bare, whenHere);
  const read = await readBackup(bare);
  if ('problem' in read) return read;
  const opened = await keepOpened(client, read, read.photos, whenHere);
  await client.invalidateQueries({ queryKey: photosKey(read.file.place.id) });
  return opened;
}

const isBackup = new RegExp(`"format"\\s*:\\s*"${backupFormat}"`);

type ReadBackup = (OpenedFile & { readonly photos: readonly Photo[] }) | FileProblem;

async function readBackup(text: string): Promise<ReadBackup> {
  if (text.length > largestBackup) {
    return { problem: 'too-large', bytes: text.length, limit: largestBackup };
  }
  let document: unknown;
  try {
    document = JSON.parse(text);
  } catch {
    return { problem: 'not-json' };
  }
  if (!isObject(document) || document.format !== backupFormat) return { problem: 'not-a-place' };
  const { version, file, photos, format: _format, ...unknown } = document;
  if (typeof version === 'number' && version > backupVersion) {
    return { problem: 'newer-version', version, known: backupVersion };
  }
  const stray = Object.keys(unknown)[0];
  if (version !== backupVersion || stray !== undefined) {
    return wrong(
      stray ?? 'version',
      stray === undefined ? 'it is none of ours' : 'nobody knows it',
    );
  }
  const inner = JSON.stringify(file ?? null);
  if (inner.length > largestFile) {
    return { problem: 'too-large', bytes: inner.length, limit: largestFile };
  }
  const read = await inTurns(readingPlaceFile(inner));
  if ('problem' in read) return read;
  if (!Array.isArray(photos)) return wrong('photos', 'it must be a list');
  const ids = new Set<string>();
  for (const [index, photo] of photos.entries()) {
    const path = `photos[${index}]`;
    try {
      validatorOf(photoSchema).validateSync(photo, { strict: true });
    } catch (error) {
      if (!(error instanceof ValidationError)) throw error;
      return wrong(path, `its ${error.path ?? 'shape'} is not that of a photo`);
    }
    const { placeId, id } = photo as Photo;
    if (placeId !== read.file.place.id) return wrong(path, 'it belongs to another place');
    if (ids.has(id)) return wrong(path, `the id “${id}” is used twice`);
    ids.add(id);
  }
  const redone: Photo[] = [];
  for (const [index, photo] of (photos as Photo[]).entries()) {
    try {
      redone.push(await redrawn(photo));
    } catch (error) {
      if (!(error instanceof NoPicture)) throw error;
      return wrong(`photos[${index}]`, 'it is no picture that can be drawn');
    }
  }
  return { ...read, photos: redone };
}

const wrong = (path: string, detail: string): FileProblem => ({
  problem: 'wrong-shape',
  path,
  detail,
});

function isObject(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/** Named for the day it is made. */
export const backupName = (id: string, day: string): string =>
  `${id}-${day}-v${formatVersion}.rookle.json`;
