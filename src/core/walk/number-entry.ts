/** Reading a number as people write it: 34 · 3.4 · 3,4 · 1,600 · 1 600 · 1.600,5. What may be meant two ways comes back twice. */

/** Signs that stand for the same on some keyboard or other. */
export function plainSigns(text: string): string {
  return text
    .replace(/[\u00a0\u2000-\u200b\u202f]/g, ' ')
    .replace(/''|’’|‘‘|′′|´´|``|["”“″〃]/g, '"')
    .replace(/[’‘′´`]/g, "'")
    .replace(/[‐‑‒–—−]/g, '-')
    .replace(/(?:(?<=\d)-)?[½¼¾⅓⅔⅛⅜⅝⅞]/g, (sign) => ` ${vulgar[sign.slice(-1)] ?? ''} `)
    .replace(/⁄/g, '/')
    .replace(/\s+/g, ' ')
    .trim()
    .toLowerCase();
}

const vulgar: Readonly<Record<string, string>> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅓': '1/3',
  '⅔': '2/3',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};

/** What a number may be: thousands grouped, or a decimal point. */
export interface NumberReadings {
  /** By the point or comma as a decimal one; absent where it cannot be. */
  readonly decimal?: number;
  /** With its thousands grouped; absent where nothing is. */
  readonly grouped?: number;
  /** A comma is the likelier to group, a point to divide. */
  readonly sign?: ',' | '.';
}

/** All that a run of digits, points, commas and single spaces may be; `undefined` where it is no number. */
export function numberReadings(text: string): NumberReadings | undefined {
  if (/^\d{1,3}( \d{3})+$/.test(text)) return { grouped: Number(text.replace(/ /g, '')) };
  if (!/^[\d.,]*\d[\d.,]*$/.test(text)) return undefined;
  const signs = text.replace(/\d/g, '');
  if (signs === '') return { decimal: Number(text) };
  const last = signs.at(-1) as ',' | '.';
  if (signs.length === 1) {
    const decimal = Number(text.replace(',', '.'));
    // "0,600" is no six hundred, and no thousands follow four digits.
    return /^[1-9]\d{0,2}[.,]\d{3}$/.test(text)
      ? { decimal, grouped: Number(text.replace(/[.,]/, '')), sign: last }
      : { decimal, sign: last };
  }
  const other = last === ',' ? '.' : ',';
  const [whole = '', ...rest] = text.split(last);
  // "1,600.5": one kind groups, the last divides. "1,600,000": all of them group.
  if (signs === other.repeat(signs.length - 1) + last && isGrouped(whole, other)) {
    return { decimal: Number(`${whole.split(other).join('')}.${rest.join('')}`) };
  }
  return isGrouped(text, last) ? { grouped: Number(text.split(last).join('')) } : undefined;
}

function isGrouped(text: string, sign: string): boolean {
  const [first = '', ...groups] = text.split(sign);
  return /^\d{1,3}$/.test(first) && groups.length > 0 && groups.every((it) => /^\d{3}$/.test(it));
}
