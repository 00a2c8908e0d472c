/**
 * Reading a length as people write it: 34 · 3.4 cm · 1.1 m · 1 3/8 in · 1-11/16" · 7½" · 3' 7½" · 2'-3" · 1,600. What may be
 * meant two ways is asked back, never guessed small.
 */
import type { Units } from '../place/place';
import { numberReadings, plainSigns } from './number-entry';

/** A length as it was read; mm. */
export interface EnteredLength {
  readonly mm: number;
  /** As typed, with the unit it was read in. */
  readonly entered: string;
}

/** Why a length could not be read; mm. */
export type LengthProblem =
  | { readonly problem: 'empty' }
  | { readonly problem: 'not-a-length'; readonly text: string }
  | { readonly problem: 'negative'; readonly text: string }
  /** May be any of these: each of them reads as one length. */
  | { readonly problem: 'which'; readonly text: string; readonly of: readonly string[] }
  | { readonly problem: 'too-long'; readonly mm: number; readonly limit: number };

const mmPer = { mm: 1, cm: 10, m: 1000, in: 25.4, ft: 304.8 } as const;
type LengthUnit = keyof typeof mmPer;

const unitNames: Readonly<Record<LengthUnit, readonly string[]>> = {
  mm: ['mm', 'mms', 'mil', 'mils', 'millimetre', 'millimetres', 'millimeter', 'millimeters'],
  cm: ['cm', 'cms', 'centimetre', 'centimetres', 'centimeter', 'centimeters'],
  m: ['m', 'mtr', 'mtrs', 'metre', 'metres', 'meter', 'meters'],
  in: ['in', 'ins', 'inch', 'inches', '"'],
  ft: ['ft', 'foot', 'feet', "'"],
};
const unitOfName = new Map(
  (Object.keys(unitNames) as LengthUnit[]).flatMap((unit) =>
    unitNames[unit].map((name): [string, LengthUnit] => [name, unit]),
  ),
);

/**
 * Reads a length; without a unit it is mm for metric and inches for imperial places. `limit` is the longest that can be
 * meant, mm. A fraction without a unit, with millimetres set, is asked back as inches.
 */
export function readLength(
  text: string,
  units: Units,
  limit: number,
): EnteredLength | LengthProblem {
  const typed = text.trim();
  if (typed === '') return { problem: 'empty' };
  const plain = plainLength(typed);
  if (plain.startsWith('-')) return { problem: 'negative', text: typed };
  const own = units === 'metric' ? 'mm' : 'in';
  const read = sumOfParts(plain, own);
  if (read === undefined) return { problem: 'not-a-length', text: typed };
  if ('of' in read) return { problem: 'which', text: typed, of: read.of };
  if (read.mm > limit) return { problem: 'too-long', mm: read.mm, limit };
  const entered = read.hasUnit ? typed : `${typed} ${own}`;
  // To a millionth: sixty-fourths of an inch are exact (1/64 in is 0.396875 mm), and so are typed decimals.
  return { mm: Math.round(read.mm * 1e6) / 1e6, entered };
}

/** Whether a length was read. */
export function isLength(read: EnteredLength | LengthProblem): read is EnteredLength {
  return 'mm' in read && !('problem' in read);
}

/** The unit that a typed length ends on, as typed: "cm" of "3 to 4 cm"; empty where it ends on a figure. */
export function lastUnit(text: string): string {
  const [, word = ''] = /([a-z]+|["'])$/.exec(plainLength(text)) ?? [];
  return unitOfName.has(word) ? word : '';
}

/** Signs made plain; "in." is "in", "1 and 1/2" is "1 1/2". */
function plainLength(text: string): string {
  return plainSigns(text)
    .replace(/([a-z])\./g, '$1')
    .replace(/(\d) ?(?:and|&|\+) ?(?=\d+ ?\/)/g, '$1 ')
    .replace(/ ?\/ ?/g, '/');
}

type Sum =
  | { readonly mm: number; readonly hasUnit: boolean }
  /** May be any of these. */
  | { readonly of: readonly string[] };

const fraction = /^(?:(\d+)[ -])?(\d+)\/(\d+)/;
const number = /^(?:\d{1,3}(?: \d{3})+(?!\d)|[\d.,]*\d[\d.,]*)/;
const unitWord = /^ ?([a-z]+|["'])/;

/** Feet then inches, metres then what is left of one, or a single amount; `undefined` for anything else. */
function sumOfParts(plain: string, own: LengthUnit): Sum | undefined {
  let rest = plain;
  let mm = 0;
  let hasUnit = false;
  let last: LengthUnit | undefined;
  while (rest !== '') {
    const part = firstPart(rest);
    if (!part) return undefined;
    const { written, word, left } = part;
    const named = word === undefined ? undefined : unitOfName.get(word);
    if (word !== undefined && named === undefined) return undefined;
    hasUnit ||= named !== undefined;
    const unit = named ?? (last ? unitAfter(last, written) : own);
    if (unit === undefined) return last === 'm' ? afterMetres(plain) : undefined;
    const read = amountOf(written, unit, named !== undefined);
    if (read === undefined || 'of' in read) return read;
    if (last === undefined && named === undefined && unit === 'mm' && written.includes('/')) {
      return left === '' ? { of: [`${plain} in`] } : undefined;
    }
    const amount = read.amount * mmPer[unit];
    // 1'600 is how thousands are written too.
    if (last === 'ft' && named === undefined && /^\d{3}$/.test(written)) {
      return { of: [`${plain.replace("'", '')} mm`] };
    }
    if (last && amount >= mmPer[last]) return undefined;
    mm += amount;
    last = unit;
    // Between two parts there may be a space, a dash or a comma; feet and inches are written with the dash set wide as well.
    rest = left.replace(unit === 'ft' ? /^ ?[-,]? ?/ : /^(?: |, ?|-)/, '');
    if (left !== '' && rest === '') return undefined;
    if (rest !== '' && named === undefined) return undefined;
  }
  return last === undefined ? undefined : { mm, hasUnit };
}

interface Part {
  readonly written: string;
  readonly word: string | undefined;
  readonly left: string;
}

function firstPart(text: string): Part | undefined {
  const written = fraction.exec(text)?.[0] ?? number.exec(text)?.[0];
  if (written === undefined) return undefined;
  const after = text.slice(written.length);
  const word = unitWord.exec(after);
  return { written, word: word?.[1], left: word ? after.slice(word[0].length) : after };
}

type Amount = { readonly amount: number } | { readonly of: readonly string[] };

function amountOf(written: string, unit: LengthUnit, isNamed: boolean): Amount | undefined {
  const parts = fraction.exec(written);
  if (parts) {
    const [, whole = '0', over, under] = parts;
    const below = Number(under);
    if (below === 0 || (parts[1] !== undefined && Number(over) >= below)) return undefined;
    return { amount: Number(whole) + Number(over) / below };
  }
  const read = numberReadings(written);
  if (!read) return undefined;
  const { decimal, grouped, sign } = read;
  if (decimal === undefined || grouped === undefined) {
    const amount = decimal ?? grouped ?? 0;
    // With millimetres set, "0.600" is more likely of a metre.
    if (unit === 'mm' && !isNamed && /^0?[.,]\d{3}$/.test(written)) {
      return { of: [`${String(amount)} m`, `${String(amount)} mm`] };
    }
    return { amount };
  }
  if (sign === ',' && unit === 'mm') return { amount: grouped };
  if (sign === '.' && unit !== 'mm' && unit !== 'cm') return { amount: decimal };
  return { of: [grouped, decimal].map((it) => `${String(it)} ${unit}`) };
}

/** An amount without a unit after one that has one; `undefined` where it could be more than one. */
function unitAfter(last: LengthUnit, written: string): LengthUnit | undefined {
  const isFraction = written.includes('/');
  if (last === 'ft') return 'in';
  // 3" 1/2 and 3 cm 5; 1 m 20 and 1 m 200.
  if (last === 'in') return isFraction && !written.includes(' ') ? 'in' : undefined;
  if (isFraction) return undefined;
  if (last === 'cm') return /^\d$/.test(written) ? 'mm' : undefined;
  if (last === 'm' && /^\d{2}$/.test(written)) return 'cm';
  return last === 'm' && /^\d{3}$/.test(written) ? 'mm' : undefined;
}

/** "1m5" may be 1.5 m, or 1 m and 5 cm. */
function afterMetres(plain: string): Sum | undefined {
  const parts = /^(\d+) ?[a-z]+ ?(\d)$/.exec(plain);
  if (!parts) return undefined;
  const [, metres, digit] = parts;
  return { of: [`${metres}.${digit} m`, `${metres}.0${digit} m`] };
}
