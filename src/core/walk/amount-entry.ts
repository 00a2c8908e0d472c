/** Reading a plain number of a known unit as people write it: 20 · 4.5 · 4,5 kV. */
import type { AmountUnit } from '../place/attributes';
import type { EnteredLength, LengthProblem } from './length-entry';

/** Reads an amount; the unit may be left out. `limit` is the most that can be meant. The value is in the unit itself. */
export function readAmount(
  text: string,
  unit: Exclude<AmountUnit, 'mm'>,
  limit: number,
): EnteredLength | LengthProblem {
  const typed = text.trim();
  if (typed === '') return { problem: 'empty' };
  const plain = typed.toLowerCase().replace(unit.toLowerCase(), '').replace(',', '.').trim();
  if (/^[-−–]/.test(plain)) return { problem: 'negative', text: typed };
  if (!/^(\d+\.?\d*|\.\d+)$/.test(plain)) return { problem: 'not-a-length', text: typed };
  const value = Number(plain);
  if (value > limit) return { problem: 'too-long', mm: value, limit };
  return { mm: value, entered: `${plain} ${unit}` };
}
