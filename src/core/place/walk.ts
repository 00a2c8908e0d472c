/** A walk: a dated list of readings. Nothing is overwritten; a later reading of the same thing stands above it. */
import type { AttributeId } from './attributes';
import type { ItemId } from './place';
import type { Interval, Is } from './possible';

/** `said`: no walk at all; what the keeper said of the place from memory. */
export const walkKinds = ['lap', 'measure-again', 'said'] as const;
export type WalkKind = (typeof walkKinds)[number];

/** What a walk is for; all but the first ask less. */
export const walkPurposes = ['full', 'weak', 'storm', 'loss', 'moved'] as const;
export type WalkPurpose = (typeof walkPurposes)[number];

/** Where a stop that was put off goes. */
export const putOffTo = ['later', 'another-day'] as const;

export interface PutOff {
  /** A stop's id; see walk/stops.ts. */
  readonly stop: string;
  readonly to: (typeof putOffTo)[number];
}

export interface Walk {
  readonly id: string;
  readonly placeId: string;
  /** Day of the walk, YYYY-MM-DD. */
  readonly date: string;
  readonly kind: WalkKind;
  readonly ended: boolean;
  /** Absent: the whole walk. */
  readonly purpose?: WalkPurpose;
  /** The bays a walk of what was weak goes to, as they were when it began. */
  readonly bays?: readonly string[];
  /** Round the other way: against the order in which the sides were paced. */
  readonly backwards?: true;
  readonly putOff?: readonly PutOff[];
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
