/** A device's own document, as JSON: refused as a whole where it is none, row by row where single readings are not what they should be. */
import { deviceKinds, type DeviceKind } from '../place/device';
import { most } from '../schema/limits';
import { fits } from '../schema/fits';
import {
  deviceFormat,
  deviceReadingSchema,
  deviceVersion,
  type DeviceReading,
} from './device-reading';
import type { ReadRows, Refused } from './read-table';

/** What is wrong with a document as a whole. */
export type DocumentProblem = 'not-a-device' | 'newer-version' | 'too-many';

/** Whose readings they are, and the readings. */
export interface ReadDocument extends ReadRows {
  readonly device: { readonly id: string; readonly kind: DeviceKind; readonly name: string };
}

/** `undefined` where the text is no JSON at all: it may be a table. `now`: ISO 8601, nothing was read after it. */
export function readDocument(
  text: string,
  now: string,
): ReadDocument | { readonly problem: DocumentProblem } | undefined {
  const document = parsed(text);
  if (document === undefined) return undefined;
  if (!isObject(document) || document.format !== deviceFormat) return { problem: 'not-a-device' };
  if (document.version !== deviceVersion) {
    const isNewer = Number(document.version) > deviceVersion;
    return { problem: isNewer ? 'newer-version' : 'not-a-device' };
  }
  const { device, readings: rows } = document;
  if (!isObject(device) || !Array.isArray(rows)) return { problem: 'not-a-device' };
  const { id, kind, name } = device;
  const known = deviceKinds.find((it) => it === kind);
  if (!known || typeof id !== 'string' || typeof name !== 'string') {
    return { problem: 'not-a-device' };
  }
  if (rows.length > most.deviceReadings) return { problem: 'too-many' };
  return { device: { id, kind: known, name }, ...readingsIn(rows, known, now) };
}

function readingsIn(rows: readonly unknown[], kind: DeviceKind, now: string): ReadRows {
  const readings: DeviceReading[] = [];
  const refused: Refused[] = [];
  const known = new Set<string>();
  let twice = 0;
  rows.forEach((row, index) => {
    const problem = problemOf(row, kind, now);
    if (problem) {
      refused.push({ row: index + 1, problem, text: (JSON.stringify(row) ?? '').slice(0, 80) });
      return;
    }
    const said = JSON.stringify(row);
    if (known.has(said)) twice += 1;
    else readings.push(row as DeviceReading);
    known.add(said);
  });
  return { readings, refused, twice };
}

function problemOf(row: unknown, kind: DeviceKind, now: string): Refused['problem'] | undefined {
  if (!isObject(row) || row.kind !== kind) return 'no-value';
  if (typeof row.at !== 'string' || Number.isNaN(Date.parse(row.at))) return 'no-time';
  if (!fits(deviceReadingSchema, row)) return 'beyond';
  return row.at > now ? 'ahead' : undefined;
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return undefined;
  }
}

const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
