/** Reading a plain number of a known unit as people write it: 20 · 4.5 · 4,5 kV. */
import type { Unit } from '../attributes/attribute';

export interface EnteredAmount {
  /** In the unit it was asked in. */
  readonly value: number;
  /** As typed, with the unit. */
  readonly entered: string;
}

export type AmountProblem =
  | { readonly problem: 'empty' }
  | { readonly problem: 'not-a-number'; readonly text: string }
  | { readonly problem: 'negative'; readonly text: string }
  | { readonly problem: 'too-much'; readonly value: number; readonly limit: number };

/** Reads an amount; the unit may be left out. `limit`: the most that can be meant, in the unit. */
export function readAmount(
  text: string,
  unit: Exclude<Unit, 'mm'>,
  limit: number,
): EnteredAmount | AmountProblem {
  const typed = text.trim();
  if (typed === '') return { problem: 'empty' };
  const plain = typed.toLowerCase().replace(unit.toLowerCase(), '').replace(',', '.').trim();
  if (/^[-−–]/.test(plain)) return { problem: 'negative', text: typed };
  if (!/^(\d+\.?\d*|\.\d+)$/.test(plain)) return { problem: 'not-a-number', text: typed };
  const value = Number(plain);
  if (value > limit) return { problem: 'too-much', value, limit };
  return { value, entered: `${plain} ${unit}` };
}
