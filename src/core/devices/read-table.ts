/** A table that some other thing wrote: which column is what, as guessed and shown, and its rows as readings or refused with the reason. */
import type { DeviceKind } from '../place/device';
import type { Place } from '../place/place';
import { fits } from '../schema/fits';
import {
  deviceReadingSchema,
  type DeviceReading,
  type DoorEvent,
  type SeenByCamera,
} from './device-reading';
import { formsThatFit, readInstant, type DateForm, type ToUtc } from './read-instant';
import { seenIn } from './seen-words';

/** Columns by their number, from 0. `time`: where date and time stand apart. */
export interface Columns {
  readonly at: number;
  readonly time?: number;
  /** Volts, what a door did, or what a camera saw. */
  readonly value: number;
  /** Of the battery, light or how sure. */
  readonly more?: number;
}

/** In what volts are written. */
export type VoltsIn = 'V' | 'kV';

/** How a table is read. */
export interface Reading {
  readonly kind: DeviceKind;
  readonly columns: Columns;
  readonly form: DateForm;
  readonly voltsIn: VoltsIn;
}

/** Why a row is no reading. */
export type RowProblem = 'no-time' | 'ahead' | 'no-value' | 'beyond';

/** A row that was refused; counted from 1 as a spreadsheet does, its head being the first. */
export interface Refused {
  readonly row: number;
  readonly problem: RowProblem;
  readonly text: string;
}

/** Rows as readings; `twice`: rows that say what another said. */
export interface ReadRows {
  readonly readings: readonly DeviceReading[];
  readonly refused: readonly Refused[];
  readonly twice: number;
}

const words: Readonly<
  Record<'date' | 'time' | 'volts' | 'battery' | 'door' | 'light' | 'camera' | 'sure', RegExp>
> = {
  date: /date|datum|day|timestamp|date.?time|^at$|when|recorded|created/i,
  time: /^time|hour|clock|^at$/i,
  volts: /volt|kv|fence|line/i,
  battery: /batt|accu|supply/i,
  door: /event|status|state|action|door|did|position/i,
  light: /lux|light|lumin/i,
  camera: /species|animal|label|class|saw|seen|detect|what/i,
  sure: /conf|score|prob|sure|certain/i,
};

const columnLike = (head: readonly string[], like: RegExp, but: readonly number[] = []): number =>
  head.findIndex((name, index) => like.test(name) && !but.includes(index));

/** How a table looks as if it were to be read; `undefined` where nothing in it looks like a reading. `rows`: some of its first. */
export function guessed(
  head: readonly string[],
  rows: readonly (readonly string[])[],
): Reading | undefined {
  const clean = head.map((name) => name.trim());
  const battery = columnLike(clean, words.battery);
  const volts = columnLike(clean, words.volts, battery === -1 ? [] : [battery]);
  const camera = columnLike(clean, words.camera);
  const door = columnLike(clean, words.door);
  const kind: DeviceKind | undefined =
    volts !== -1 ? 'fence-monitor' : camera !== -1 ? 'camera' : door !== -1 ? 'door' : undefined;
  return kind && guessedColumns(head, rows, kind);
}

/** The same, where it is known of what it is; `undefined` where no column looks like what such a device says. */
export function guessedColumns(
  head: readonly string[],
  rows: readonly (readonly string[])[],
  kind: DeviceKind,
): Reading | undefined {
  const clean = head.map((name) => name.trim());
  const battery = columnLike(clean, words.battery);
  const value = columnLike(
    clean,
    { 'fence-monitor': words.volts, camera: words.camera, door: words.door }[kind],
    battery === -1 ? [] : [battery],
  );
  if (value === -1) return undefined;
  const dated = columnLike(clean, words.date, [value]);
  const timed = columnLike(clean, words.time, [value, dated]);
  const at = dated === -1 ? timed : dated;
  if (at === -1) return undefined;
  const alone = formsThatFit(cellsOf(rows, at));
  const isApart = timed !== -1 && timed !== at && cellsOf(rows, at).every((it) => !/:/.test(it));
  const columns: Columns = {
    at,
    value,
    ...(isApart && { time: timed }),
    ...moreOf(kind, clean, battery),
  };
  const form = alone[0] ?? 'year-first';
  return { kind, columns, form, voltsIn: voltsInOf(cellsOf(rows, value)) };
}

function moreOf(kind: DeviceKind, head: readonly string[], battery: number): { more?: number } {
  const more =
    kind === 'fence-monitor'
      ? battery
      : columnLike(head, kind === 'door' ? words.light : words.sure);
  return more === -1 ? {} : { more };
}

const cellsOf = (rows: readonly (readonly string[])[], column: number): string[] =>
  rows.map((row) => row[column]?.trim() ?? '').filter((cell) => cell !== '');

/** No line carries a hundred kV, and one of a hundred V is none. */
const kvAtMost = 20;

function voltsInOf(cells: readonly string[]): VoltsIn {
  const read = cells.map(numberIn).filter((it) => it !== undefined);
  return read.some((it) => it > kvAtMost) ? 'V' : 'kV';
}

/** A number as people write it, with a point or a comma, with or without its unit. */
export function numberIn(text: string): number | undefined {
  const [, number] = /^\s*(-?\d+(?:[.,]\d+)?)\s*(?:k?v|volts?|%|lux)?\s*$/i.exec(text) ?? [];
  return number === undefined ? undefined : Number(number.replace(',', '.'));
}

interface Given {
  readonly rows: readonly (readonly string[])[];
  readonly reading: Reading;
  readonly place: Pick<Place, 'setting'>;
  readonly toUtc: ToUtc;
  /** ISO 8601: nothing was read after it. */
  readonly now: string;
}

/** Every row as a reading, or why it is none. Rows that hold nothing at all are passed over. */
export function readRows({ rows, reading, place, toUtc, now }: Given): ReadRows {
  const readings: DeviceReading[] = [];
  const refused: Refused[] = [];
  const known = new Set<string>();
  let twice = 0;
  for (const [index, row] of rows.entries()) {
    if (row.every((cell) => cell.trim() === '')) continue;
    const read = readRow(row, { reading, place, toUtc, now });
    if (typeof read === 'string') {
      refused.push({ row: index + 2, problem: read, text: row.join(', ').slice(0, longestShown) });
      continue;
    }
    const said = JSON.stringify(read);
    if (known.has(said)) twice += 1;
    else readings.push(read);
    known.add(said);
  }
  return { readings, refused, twice };
}

/** Of a refused row as much is shown as a line has room for. */
const longestShown = 80;

function readRow(
  row: readonly string[],
  { reading: { kind, columns, form, voltsIn }, place, toUtc, now }: Omit<Given, 'rows'>,
): DeviceReading | RowProblem {
  const cell = (column: number | undefined): string =>
    column === undefined ? '' : (row[column] ?? '').trim();
  const told =
    columns.time === undefined ? cell(columns.at) : `${cell(columns.at)} ${cell(columns.time)}`;
  const at = readInstant(told, form, toUtc);
  if (at === undefined) return 'no-time';
  if (at > now) return 'ahead';
  const more = numberIn(cell(columns.more));
  const read = valueIn(kind, cell(columns.value), place, voltsIn);
  if (read === undefined) return 'no-value';
  const found = { kind, at, ...read, ...moreIn(kind, more) } as DeviceReading;
  return fits(deviceReadingSchema, found) ? found : 'beyond';
}

function moreIn(kind: DeviceKind, more: number | undefined): Partial<DeviceReading> {
  if (more === undefined) return {};
  if (kind === 'fence-monitor') return { battery: more };
  // A share, or per cent.
  return kind === 'door' ? { light: more } : { sure: more > 1 ? more / 100 : more };
}

function valueIn(
  kind: DeviceKind,
  text: string,
  place: Pick<Place, 'setting'>,
  voltsIn: VoltsIn,
): { volts: number } | { did: DoorEvent } | { saw: SeenByCamera } | undefined {
  if (kind === 'fence-monitor') {
    const volts = numberIn(text);
    // To the volt: tenths of one are the unit's own rounding.
    return volts === undefined
      ? undefined
      : { volts: voltsIn === 'V' ? Math.round(volts) / 1000 : volts };
  }
  if (kind === 'camera') {
    const saw = seenIn(text, place);
    return saw && { saw };
  }
  const did = doorWords.find(([, like]) => like.test(text))?.[0];
  return did && { did };
}

/** The first that fits: "failed to close" is no closing. */
const doorWords: readonly (readonly [DoorEvent, RegExp])[] = [
  ['jammed', /jam|block|stuck|obstruct|fault|error|fail|stall/i],
  ['shut', /shut|clos|down|locked/i],
  ['opened', /open|up\b|raised/i],
];
