/** Reads a place file. Never throws on bad input: says what is wrong with it as data. */
import { ValidationError } from 'yup';
import { migratedFile } from './migrate';
import { formatName, formatVersion, largestFile, type ReadFile } from './place-file';
import { placeFileSchema } from './place-file-schema';
import { doubtfulReference } from './references';

export function readPlaceFile(text: string): ReadFile {
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
  return checkShape(migratedFile(document));
}

function checkShape(document: object): ReadFile {
  try {
    const file = placeFileSchema.validateSync(document, { strict: true, abortEarly: true });
    return doubtfulReference(file) ?? { file };
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    return { problem: 'wrong-shape', path: error.path ?? '', detail: oneLine(error) };
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
