/** Reading an amount that is no length as people write it: 20 · 4.5 · 4,5 kV · 4500 V · 22 lb · 1,600. */
import type { Unit } from '../attributes/attribute';
import { numberReadings, plainSigns } from './number-entry';

/** An amount as it was read. */
export interface EnteredAmount {
  /** In the unit it was asked in. */
  readonly value: number;
  /** As typed, with the unit. */
  readonly entered: string;
}

/** Why an amount could not be read. */
export type AmountProblem =
  | { readonly problem: 'empty' }
  | { readonly problem: 'not-a-number'; readonly text: string }
  | { readonly problem: 'negative'; readonly text: string }
  /** May be any of these: each of them reads as one amount. */
  | { readonly problem: 'which'; readonly text: string; readonly of: readonly string[] }
  | { readonly problem: 'too-much'; readonly value: number; readonly limit: number };

type AskedUnit = Exclude<Unit, 'mm'>;

/** What else an amount is given in, and how much of the unit it is. A pound is 0.45359237 kg by definition. */
const namesOf: Readonly<Record<AskedUnit, Readonly<Record<string, number>>>> = {
  kg: {
    kg: 1,
    kgs: 1,
    kilo: 1,
    kilos: 1,
    g: 0.001,
    lb: 0.45359237,
    lbs: 0.45359237,
    pounds: 0.45359237,
  },
  kV: { kv: 1, kilovolts: 1, v: 0.001, volts: 0.001 },
  V: { v: 1, volts: 1, kv: 1000 },
  birds: { birds: 1, bird: 1 },
  rods: { rods: 1, rod: 1 },
  min: { min: 1, mins: 1, minutes: 1, h: 60, hours: 60, hour: 60, s: 1 / 60 },
};

/** Reads an amount; the unit may be left out. `limit`: the most that can be meant, in the unit. */
export function readAmount(
  text: string,
  unit: AskedUnit,
  limit: number,
): EnteredAmount | AmountProblem {
  const typed = text.trim();
  if (typed === '') return { problem: 'empty' };
  const plain = plainSigns(typed);
  if (plain.startsWith('-')) return { problem: 'negative', text: typed };
  const [, figure = '', word] = /^([\d., ]*\d[\d., ]*?)\.? ?([a-z]+)?\.?$/.exec(plain) ?? [];
  const factor = word === undefined ? 1 : namesOf[unit][word];
  const read = numberReadings(figure.trim());
  if (!read || factor === undefined) return { problem: 'not-a-number', text: typed };
  const { decimal, grouped, sign } = read;
  if (decimal !== undefined && grouped !== undefined && sign === ',') {
    const said = word ?? unit;
    return {
      problem: 'which',
      text: typed,
      of: [grouped, decimal].map((it) => `${String(it)} ${said}`),
    };
  }
  const amount = decimal ?? grouped ?? 0;
  const value = Math.round(amount * factor * 1e6) / 1e6;
  if (value > limit) return { problem: 'too-much', value, limit };
  const isOwn = word === undefined || factor === 1;
  return { value, entered: `${String(amount)} ${isOwn ? unit : word}` };
}
