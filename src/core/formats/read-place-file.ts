/** Reads a place file. Never throws on bad input: says what is wrong with it as data. */
import { ValidationError } from 'yup';
import { validatorOf } from '../schema/validator';
import { allBays } from '../place/find';
import { isFixed } from '../place/opening-cover';
import type { Opening, Place } from '../place/place';
import { most } from '../schema/limits';
import { withUndescribed } from '../place/undescribed';
import { atOnce, type Steps } from '../steps';
import { migratedFile } from './migrate';
import {
  formatName,
  formatVersion,
  largestFile,
  placeFileSchema,
  type FileProblem,
  type PlaceFile,
  type ReadFile,
} from './place-file';
import { doubtfulReference } from './references';

/** The file’s text checked and brought up to this version, or what is wrong with it; never throws on bad input. */
export function readPlaceFile(text: string): ReadFile {
  return atOnce(readingPlaceFile(text));
}

/** The same in steps. */
export function* readingPlaceFile(text: string): Steps<ReadFile> {
  if (text.length > largestFile) {
    return { problem: 'too-large', bytes: text.length, limit: largestFile };
  }
  let document: unknown;
  try {
    document = JSON.parse(text);
  } catch {
    return { problem: 'not-json' };
  }
  if (!isObject(document) || document.format !== formatName) return { problem: 'not-a-place' };
  if (typeof document.version === 'number' && document.version > formatVersion) {
    return { problem: 'newer-version', version: document.version, known: formatVersion };
  }
  yield;
  const read = yield* checkShape(migratedFile(document));
  if ('problem' in read) return read;
  const place = withUndescribed(read.file.place);
  const file = place === read.file.place ? read.file : { ...read.file, place };
  const isOlder = document.version !== formatVersion;
  const unread = [
    ...(isOlder ? unreadDoors(read.file.place) : []),
    ...place.faces.slice(read.file.place.faces.length).flatMap(({ bays }) => bays),
  ].map(({ name }) => name);
  return unread.length > 0 ? { file, unread } : { file };
}

/** First everything but its longest lists, then these member by member. */
function* checkShape(document: object): Steps<ReadFile> {
  const schema = validatorOf(placeFileSchema);
  yield;
  const tooMany = longestList(document);
  if (tooMany) return tooMany;
  try {
    schema.validateSync(withoutLists(document), strictly);
    yield;
    for (const path of listPaths(document)) {
      schema.validateSyncAt(path, document, strictly);
      yield;
    }
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    return { problem: 'wrong-shape', path: error.path ?? '', detail: oneLine(error) };
  }
  const file = document as PlaceFile;
  return doubtfulReference(file) ?? { file };
}

/** The lists that are checked member by member, held against the room there is for them. */
function longestList(document: object): FileProblem | undefined {
  const { place, walks } = document as { place?: { faces?: unknown }; walks?: unknown };
  const lists: readonly (readonly [path: string, list: unknown, room: number])[] = [
    ['place.faces', place?.faces, most.faces],
    ...(Array.isArray(walks) ? walks : []).map(
      (walk: { readings?: unknown } | null, index) =>
        [`walks[${index}].readings`, walk?.readings, most.readings] as const,
    ),
  ];
  const found = lists.find(([, list, room]) => Array.isArray(list) && list.length > room);
  return found && { problem: 'wrong-shape', path: found[0], detail: `it has room for ${found[2]}` };
}

/** Openings of which nobody has yet said what they are made of. */
function unreadDoors(place: Place): Opening[] {
  return allBays(place)
    .flatMap(({ bay }) => bay.openings)
    .filter((it) => !isFixed(it) && it.cover?.every(({ mesh }) => 'any' in mesh));
}

const strictly = { strict: true, abortEarly: true } as const;

/** The same with every face, and every reading of a walk, left out, where they are lists at all. */
function withoutLists(document: object): object {
  return changed(document, (key, value) => {
    if (key === 'place' && isObject(value)) return withEmpty(value, 'faces');
    if (key !== 'walks' || !Array.isArray(value)) return value;
    return value.map((walk: unknown) => (isObject(walk) ? withEmpty(walk, 'readings') : walk));
  });
}

function withEmpty(it: object, list: string): object {
  return changed(it, (key, value) => (key === list && Array.isArray(value) ? [] : value));
}

/** Field by field, never by spreading: a field called “__proto__” would vanish, and with it the reason to refuse the file. */
function changed(it: object, change: (key: string, value: unknown) => unknown): object {
  return Object.fromEntries(
    Object.entries(it).map(([key, value]) => [key, change(key, value)] as const),
  );
}

/** "place.faces[3]", "walks[0].readings[17]". */
function* listPaths(document: object): Generator<string> {
  const { place, walks } = document as PlaceFile;
  for (const index of place.faces.keys()) yield `place.faces[${index}]`;
  for (const [walk, { readings }] of walks.entries()) {
    for (const index of readings.keys()) yield `walks[${walk}].readings[${index}]`;
  }
}

/** The schema's message without its path (said apart), on one line, no longer than a person reads. */
function oneLine({ message, path = '' }: ValidationError): string {
  const flat = message
    .replace(/\s+/g, ' ')
    .replace(/\.+$/, '')
    .replace(/a `(\w+)` type, but the final value was: `(.*)`/, 'a $1, but is $2');
  const said = flat.startsWith(`${path} `) ? flat.slice(path.length + 1) : flat;
  return said.length > longestDetail ? `${said.slice(0, longestDetail)} …` : said;
}

const longestDetail = 160;

function isObject(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
