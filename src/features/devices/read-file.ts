/** A file of readings as it lies before the keeper: a document that needs no guessing, or a table with what was guessed of it. */
import Papa from 'papaparse';
import {
  readDocument,
  type DocumentProblem,
  type ReadDocument,
} from '@/core/devices/read-document';
import { guessed, type Reading } from '@/core/devices/read-table';
import { most } from '@/core/schema/limits';
import { now } from '@/store/ids';

/** A table: its head, its rows, and how it looks as if it were to be read. */
export interface GivenTable {
  readonly head: readonly string[];
  readonly rows: readonly (readonly string[])[];
  readonly reading: Reading;
}

export type GivenFile =
  | { readonly document: ReadDocument }
  | { readonly table: GivenTable }
  | { readonly problem: DocumentProblem | 'too-large' | 'no-table' };

/** Half a year of a reading a minute stays below this, bytes. */
const largest = 20_000_000;
/** Rows by which columns and dates are guessed: more say nothing more. */
const lookedAt = 500;

export async function readFile(file: File): Promise<GivenFile> {
  if (file.size > largest) return { problem: 'too-large' };
  const text = (await file.text()).replace(/^\uFEFF/, '');
  const document = readDocument(text, now());
  if (document) return 'problem' in document ? document : { document };
  const [head = [], ...rows] = Papa.parse<string[]>(text, { skipEmptyLines: true }).data;
  if (rows.length > most.deviceReadings) return { problem: 'too-many' };
  const reading = guessed(head, rows.slice(0, lookedAt));
  return reading ? { table: { head, rows, reading } } : { problem: 'no-table' };
}
