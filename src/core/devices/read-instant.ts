/** Times as devices and spreadsheets write them. */

/** In which order day, month and year stand; `seconds` and `milliseconds`: counted from the first of 1970, UTC. */
export const dateForms = [
  'year-first',
  'day-first',
  'month-first',
  'seconds',
  'milliseconds',
] as const;
/** One of them. */
export type DateForm = (typeof dateForms)[number];

/** A time on some clock; month from 1. */
export interface ClockTime {
  readonly year: number;
  readonly month: number;
  readonly day: number;
  readonly hour: number;
  readonly minute: number;
  readonly second: number;
}

/** What a clock time is by the meridian, ms; `undefined` where that clock never showed it. */
export type ToUtc = (time: ClockTime) => number | undefined;

/** By the meridian's own clock. */
export const byUtc: ToUtc = ({ year, month, day, hour, minute, second }) =>
  Date.UTC(year, month - 1, day, hour, minute, second);

const date = /^(\d{1,4})[-/.](\d{1,2})[-/.](\d{1,4})/;
const clock = /^(\d{1,2})[:.h](\d{2})(?:[:.](\d{2})(?:[.,]\d+)?)?\s*([ap])?\.?m?\.?/i;
const offset = /^\s*(?:(z|utc|gmt)|([+-])(\d{2}):?(\d{2})?)\s*$/i;

/**
 * ISO 8601, UTC; `undefined` where the text is no time in that form. A time that says itself how far it is from UTC is taken at its word;
 * any other is read by `toUtc`. A date without a time is midnight.
 */
export function readInstant(text: string, form: DateForm, toUtc: ToUtc): string | undefined {
  const told = text.trim();
  if (form === 'seconds' || form === 'milliseconds') {
    if (!/^\d{9,14}(\.\d+)?$/.test(told)) return undefined;
    const ms = Number(told) * (form === 'seconds' ? 1000 : 1);
    // Told in the other of the two it would be long past, or far ahead.
    return ms < earliestCounted || ms > latestCounted ? undefined : isoOf(ms);
  }
  const [whole, a, b, c] = date.exec(told) ?? [];
  if (whole === undefined || a === undefined || b === undefined || c === undefined)
    return undefined;
  const day = dayIn(form, a, b, c);
  if (!day) return undefined;
  const rest = told.slice(whole.length).replace(/^[T,\s]+/i, '');
  const time = rest === '' ? { hour: 0, minute: 0, second: 0, after: '' } : clockIn(rest);
  if (!time) return undefined;
  const { after, ...clockTime } = time;
  const at: ClockTime = { ...day, ...clockTime };
  if (!isOnCalendar(at)) return undefined;
  if (after.trim() === '') return isoOf(toUtc(at));
  const [, zulu, sign, hours, minutes = '0'] = offset.exec(after) ?? [];
  if (zulu !== undefined) return isoOf(byUtc(at));
  if (sign === undefined || hours === undefined) return undefined;
  const ahead = (Number(hours) * 60 + Number(minutes)) * (sign === '-' ? -1 : 1);
  const utc = byUtc(at);
  return utc === undefined ? undefined : isoOf(utc - ahead * 60_000);
}

function dayIn(
  form: DateForm,
  a: string,
  b: string,
  c: string,
): Pick<ClockTime, 'year' | 'month' | 'day'> | undefined {
  // A year of four digits that stands first is one, whatever the others are like.
  const isYearFirst = form === 'year-first' || a.length === 4;
  if (isYearFirst && a.length !== 4) return undefined;
  const [year, month, day] = isYearFirst ? [a, b, c] : form === 'day-first' ? [c, b, a] : [c, a, b];
  if (year.length !== 4 && year.length !== 2) return undefined;
  const full = year.length === 2 ? 2000 + Number(year) : Number(year);
  return { year: full, month: Number(month), day: Number(day) };
}

function clockIn(text: string) {
  const [whole, hours, minutes, seconds = '0', half] = clock.exec(text) ?? [];
  if (whole === undefined) return undefined;
  const told = Number(hours);
  if (half !== undefined && (told < 1 || told > 12)) return undefined;
  const hour = half === undefined ? told : (told % 12) + (half.toLowerCase() === 'p' ? 12 : 0);
  return {
    hour,
    minute: Number(minutes),
    second: Number(seconds),
    after: text.slice(whole.length),
  };
}

function isOnCalendar({ year, month, day, hour, minute, second }: ClockTime): boolean {
  if (hour > 23 || minute > 59 || second > 59 || month < 1 || month > 12 || day < 1) return false;
  const there = new Date(Date.UTC(year, month - 1, day));
  return there.getUTCMonth() === month - 1 && there.getUTCDate() === day && year >= 1970;
}

/** No device is older, and none tells of a day after that, ms. */
const [earliestCounted, latestCounted] = [Date.UTC(2000, 0, 1), Date.UTC(2100, 0, 1)];

/** The last instant that four digits of a year can tell, ms. */
const latest = Date.UTC(9999, 11, 31);

const isoOf = (ms: number | undefined): string | undefined =>
  ms === undefined || !(ms >= 0 && ms <= latest) ? undefined : new Date(ms).toISOString();

/** The forms in which any of the texts is a time, those that most are one in first. */
export function formsThatFit(texts: readonly string[]): DateForm[] {
  const fitting = dateForms.map((form) => {
    const fits = texts.filter((text) => readInstant(text, form, byUtc) !== undefined);
    return { form, fits: fits.length };
  });
  return fitting
    .filter(({ fits }) => fits > 0)
    .sort((a, b) => b.fits - a.fits)
    .map(({ form }) => form);
}
