/** A walk: a dated list of readings. Nothing is overwritten; a later reading of the same thing stands above it. */
import type { AttributeId } from './attributes';
import type { ItemId } from './place';
import type { Interval, Is } from './possible';

/** `said`: no walk at all; what the keeper said of the place from memory. */
export const walkKinds = ['lap', 'measure-again', 'said'] as const;
export type WalkKind = (typeof walkKinds)[number];

export interface Walk {
  readonly id: string;
  readonly placeId: string;
  /** Day of the walk, YYYY-MM-DD. */
  readonly date: string;
  readonly kind: WalkKind;
  readonly ended: boolean;
  readonly readings: readonly Reading[];
}

export const readingMethods = ['measured', 'probed', 'estimated', 'remembered'] as const;
export type ReadingMethod = (typeof readingMethods)[number];

export interface Reading {
  readonly id: string;
  readonly item: ItemId;
  readonly attribute: AttributeId;
  /** When it was recorded, ISO 8601 with time. */
  readonly at: string;
  readonly how: ReadingMethod;
  readonly value: Is<number> | Interval | Is<string> | 'cannot-tell';
  readonly note?: string;
}
