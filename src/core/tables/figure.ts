/**
 * A figure of the trade: a number that decides something, never without the place it comes from.
 * Everything the judgement compares a reading with is one of these.
 */
import type { SourceId } from './sources';

/** How much a figure is worth. Shown to the keeper beside every figure. */
export type Mark =
  /** In print, but written here from memory; nobody has looked it up again. */
  | 'published'
  /** What people who do this work do; no printed source. */
  | 'common-practice'
  /** Ours, so that the judgement can be made at all. */
  | 'assumption';

/** What a figure is counted in. */
export type Unit =
  | 'mm'
  | 'min'
  | 'N'
  | 'kV'
  | 'degrees'
  | 'share'
  /** A step of a scale of strength; see strength.ts. */
  | 'class'
  /** Birds (or eggs) taken by one visit that gets in. */
  | 'birds'
  /** Visits in 24 hours. */
  | 'visits'
  /** Hundredths of the keeper's money. */
  | 'cents'
  | 'years'
  | 'months'
  | 'days'
  | 'bird-years'
  | 'kg'
  /** Steps of effort; see effort-level.ts. */
  | 'levels'
  | 'per cent'
  | 'm'
  | 'm²'
  | 'nests'
  | 'hours'
  | 'V'
  | 'mA'
  | 'Ah'
  | 'J'
  | 'µs'
  | 'Ω'
  /** Of wire. */
  | 'Ω/m'
  /** Of ground; and of a leak so many of which lie side by side, one to a metre. */
  | 'Ω·m'
  | 'pulses a second'
  | 'mm a day';

/** The figure with its band. */
export function ranging(figure: Figure, low: number, high: number): Figure {
  return { ...figure, band: [low, high] };
}

/** What a figure may be: its band, or a tenth to either side where one number is given (assumption of ours). */
export function bandOf({ value, band }: Figure): readonly [low: number, high: number] {
  return band ?? [value * 0.9, value * 1.1];
}

/** A number that decides something, with where it comes from. */
export interface Figure {
  readonly value: number;
  readonly unit: Unit;
  /** What the source, or the sources between them, give room for; the value lies in it. Absent where one number is given. */
  readonly band?: readonly [low: number, high: number];
  readonly source: SourceId;
  readonly mark: Mark;
  /** What else is known: a second figure, a doubt, how the value was read out of the source. */
  readonly note?: string;
}
