/** Reading a length as people write it: 34 · 3.4 cm · 1.1 m · 1 3/8 in · 7½" · 3' 7½". */
import type { Units } from '../place/place';

export interface EnteredLength {
  readonly mm: number;
  /** As typed, with the unit it was read in. */
  readonly entered: string;
}

export type LengthProblem =
  | { readonly problem: 'empty' }
  | { readonly problem: 'not-a-length'; readonly text: string }
  | { readonly problem: 'negative'; readonly text: string }
  | { readonly problem: 'too-long'; readonly mm: number; readonly limit: number };

const mmPer = { mm: 1, cm: 10, m: 1000, in: 25.4, ft: 304.8 } as const;
type LengthUnit = keyof typeof mmPer;

const unitWords: Readonly<Record<string, LengthUnit>> = {
  mm: 'mm',
  cm: 'cm',
  m: 'm',
  in: 'in',
  inch: 'in',
  inches: 'in',
  '"': 'in',
  '”': 'in',
  '″': 'in',
  ft: 'ft',
  foot: 'ft',
  feet: 'ft',
  "'": 'ft',
  '’': 'ft',
  '′': 'ft',
};

const vulgar: Readonly<Record<string, string>> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};

/**
 * Reads a length; without a unit it is mm for metric and inches for imperial places. Thousands are not grouped,
 * and a comma is a decimal point, as half of Europe types it. `limit` is the longest that can be meant, mm.
 */
export function readLength(
  text: string,
  units: Units,
  limit: number,
): EnteredLength | LengthProblem {
  const typed = text.trim();
  if (typed === '') return { problem: 'empty' };
  const plain = typed
    .toLowerCase()
    .replace(/[½¼¾⅛⅜⅝⅞]/g, (sign) => ` ${vulgar[sign] ?? ''}`)
    .replace(/⁄/g, '/')
    .replace(/,/g, '.')
    .trim();
  if (/^[-−–]/.test(plain)) return { problem: 'negative', text: typed };
  const mm = sumOfParts(plain, units);
  if (mm === undefined) return { problem: 'not-a-length', text: typed };
  if (mm > limit) return { problem: 'too-long', mm, limit };
  const hasUnit = /[a-z"'”″’′]/.test(plain);
  const unit = units === 'metric' ? 'mm' : 'in';
  // To a millionth: sixty-fourths of an inch are exact (1/64 in is 0.396875 mm), and so are typed decimals.
  return { mm: Math.round(mm * 1e6) / 1e6, entered: hasUnit ? typed : `${typed} ${unit}` };
}

/** Whether a length was read. */
export function isLength(read: EnteredLength | LengthProblem): read is EnteredLength {
  return 'mm' in read && !('problem' in read);
}

const part = /^\s*(\d+(?:\.\d*)?|\.\d+)?(?:\s*(\d+)\/(\d+))?\s*([a-z]+|["'”″’′])?/;

/** Feet then inches, or a single amount; anything left over is not a length. */
function sumOfParts(plain: string, units: Units): number | undefined {
  let rest = whole(plain);
  let sum = 0;
  let last: LengthUnit | undefined;
  while (rest !== '') {
    const match = part.exec(rest);
    if (!match || match[0].trim() === '') return undefined;
    const [all, number, over, under, word] = match;
    if (number === undefined && over === undefined) return undefined;
    const unit = word === undefined ? unitAfter(last, units) : unitWords[word];
    if (unit === undefined || (last && mmPer[unit] >= mmPer[last])) return undefined;
    if (under !== undefined && Number(under) === 0) return undefined;
    const fraction = over === undefined ? 0 : Number(over) / Number(under);
    sum += (Number(number ?? 0) + fraction) * mmPer[unit];
    last = unit;
    rest = rest.slice(all.length).trim();
  }
  return last === undefined ? undefined : sum;
}

/** "3/8" alone must not be read as "3" and then "/8". */
function whole(plain: string): string {
  return /^\d+\/\d+/.test(plain) ? `0 ${plain}` : plain;
}

/** An amount without a unit: inches after feet, else the place's own. */
function unitAfter(last: LengthUnit | undefined, units: Units): LengthUnit {
  if (last === 'ft') return 'in';
  if (last === 'm') return 'cm';
  return units === 'metric' ? 'mm' : 'in';
}
