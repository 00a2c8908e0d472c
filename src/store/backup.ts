/**
 * A whole place as one file, photos too: a ZIP with the place file as it is, the photos as pictures that can be opened alone, and a list
 * that says what each shows. Read as strictly as a place file: what cannot be read whole changes nothing.
 */
import type { QueryClient } from '@tanstack/react-query';
import {
  formatVersion,
  largestFile,
  type FileProblem,
  type OpenedFile,
} from '@/core/formats/place-file';
import { readingPlaceFile } from '@/core/formats/read-place-file';
import {
  backupFormat,
  backupVersion,
  fileOf,
  listedPhotos,
  listText,
  parsed,
  photosFor,
  pictureOf,
  versionOf,
  wrong,
} from './backup-photos';
import { inTurns } from './in-turns';
import { exportText } from './keep-place';
import { keepOpened, openFile, type IsHere, type Opened, type WhenHere } from './open-file';
import type { Photo } from './photo-record';
import { loadPhoto, photoIds, photosKey } from './photos';
import type { Yard } from './records';
import { zipper } from './zipper';

/** A phone's whole store of photos stays below this, bytes. */
export const largestBackup = 300 * 1024 * 1024;
/** What a photo weighs, bytes (assumption of ours: 1280 px of mesh and grass). */
const usualPhoto = 200_000;
/** From so many on they may not go into one file. */
export const manyPhotos = Math.floor((0.8 * largestBackup) / usualPhoto);

/** With all its photos it would be larger than what can be opened again. */
export class TooLarge extends Error {}

const [placeName, listName] = ['place.json', 'photos.json'];

/** Everything of a place as one file. Throws `TooLarge` rather than write one that could not be opened. */
export async function backupFile(
  yard: Yard,
  at: Date,
  most = largestBackup,
): Promise<Uint8Array<ArrayBuffer>> {
  const placeId = yard.place.id;
  const pictures: Record<string, Uint8Array> = {};
  const listed: Omit<Photo, 'data'>[] = [];
  let room = most - largestFile;
  // One by one: all at once, as the text they are kept as, they would take three times the room.
  for (const id of await photoIds(placeId)) {
    const photo = await loadPhoto({ placeId, id });
    if (!photo) continue;
    const picture = pictureOf(photo);
    room -= picture.length;
    if (room < 0) throw new TooLarge('more photos than a file has room for');
    pictures[fileOf(photo, listed.length)] = picture;
    const { data: _data, ...said } = photo;
    listed.push(said);
  }
  const list = listText(listed, Object.keys(pictures));
  const { zipped } = await zipper();
  return zipped({ [placeName]: exportText(yard), [listName]: list, ...pictures }, at);
}

/** Opens a place file or a backup. Comes back with the problem where it cannot be read; then nothing was changed. */
export async function openAnyFile(
  client: QueryClient,
  bytes: Uint8Array,
  whenHere?: WhenHere,
): Promise<BackupProblem | IsHere | Opened> {
  if (bytes.length > largestBackup) {
    return { problem: 'too-large', bytes: bytes.length, limit: largestBackup };
  }
  const isZip = bytes[0] === 0x50 && bytes[1] === 0x4b;
  // The mark that some editors put before everything is left out by the decoder.
  const text = isZip ? '' : new TextDecoder().decode(bytes);
  // Looked at where it begins, so that a place file is read once.
  if (!isZip && !isOldBackup.test(text.slice(0, 500))) return openFile(client, text, whenHere);
  const read = await (isZip ? readZip(bytes) : readOldBackup(text));
  if ('problem' in read) return read;
  const opened = await keepOpened(client, read, read.photos, whenHere);
  await client.invalidateQueries({ queryKey: photosKey(read.file.place.id) });
  return opened;
}

/** What is wrong with a file of either kind. */
export type BackupProblem =
  FileProblem | { readonly problem: 'not-zip' } | { readonly problem: 'not-a-backup' };

type ReadBackup = (OpenedFile & { readonly photos: readonly Photo[] }) | BackupProblem;

async function readZip(bytes: Uint8Array): Promise<ReadBackup> {
  const { NotZipped, TooMuch, unzipped } = await zipper();
  let files: Readonly<Record<string, Uint8Array>>;
  try {
    files = unzipped(bytes, largestBackup);
  } catch (error) {
    if (error instanceof TooMuch) {
      return { problem: 'too-large', bytes: error.bytes, limit: largestBackup };
    }
    if (error instanceof NotZipped) return { problem: 'not-zip' };
    throw error;
  }
  const { [placeName]: place, [listName]: list, ...pictures } = files;
  if (!place || !list) return { problem: 'not-a-backup' };
  const photos = listedPhotos(new TextDecoder().decode(list), pictures);
  if ('problem' in photos) return photos;
  return readParts(new TextDecoder().decode(place), photos);
}

async function readParts(place: string, photos: readonly unknown[]): Promise<ReadBackup> {
  const read = await inTurns(readingPlaceFile(place));
  if ('problem' in read) return read;
  const redone = await photosFor(read.file.place.id, photos);
  return 'problem' in redone ? redone : { ...read, photos: redone };
}

const isOldBackup = new RegExp(`"format"\\s*:\\s*"${backupFormat}"`);

/** One JSON document, as backups were until version 2. */
async function readOldBackup(text: string): Promise<ReadBackup> {
  const read = parsed(text);
  if ('problem' in read) return read;
  const { document } = read;
  const version = versionOf(document);
  if (version !== undefined && version > backupVersion) {
    return { problem: 'newer-version', version, known: backupVersion };
  }
  const {
    format: _format,
    version: _version,
    file,
    photos,
    ...unknown
  } = document as Readonly<Record<string, unknown>>;
  const stray = Object.keys(unknown)[0];
  if (stray !== undefined) return wrong(stray, 'nobody knows it');
  if (version !== 1) return wrong('version', 'it is none of ours');
  if (!Array.isArray(photos)) return wrong('photos', 'it must be a list');
  return readParts(JSON.stringify(file ?? null), photos);
}

/** Named for the day it is made. */
export const backupName = (id: string, day: string): string =>
  `${id}-${day}-v${formatVersion}.rookle.zip`;
