/**
 * The set of values an attribute may have, as far as anyone has looked. A reading narrows it; "cannot tell"
 * leaves it as it was. Amounts are in the unit of what they are of (mm, kg, kV, …); `entered` keeps what was typed, unit and fraction.
 */
import { entered, length } from '../schema/common';
import {
  byField,
  constant,
  listOfSome,
  named,
  object,
  oneOf,
  optional,
  type Schema,
  type TypeOf,
} from '../schema/schema';

/** All of its kind: nobody has looked. */
export const anySchema = named(
  'any',
  object({ any: constant(true) }),
  'All of its kind: nobody has looked.',
);
/** Nobody has looked. */
export interface Any extends TypeOf<typeof anySchema> {}

/** One value, and how it was typed. */
export interface Is<T> {
  readonly is: T;
  readonly entered?: string;
}

/** One value. */
export const isSchema = <T>(value: Schema<T>): Schema<Is<T>> =>
  object({ is: value, entered: optional(entered) });

/** Both ends included. */
export const intervalSchema = object(
  { from: length, to: length, entered: optional(entered) },
  {
    field: 'to',
    holds: ({ from, to }) => Number(to) >= Number(from),
    sentence: 'must not be less than “from”',
  },
);
/** From one amount to another, both included. */
export interface Interval extends TypeOf<typeof intervalSchema> {}

/** One of these, nobody knows which. */
export interface OneOf<T> {
  readonly oneOf: readonly T[];
}

/** What an amount may be, as far as anyone has looked. */
export type PossibleAmount = Is<number> | Interval | Any;
/** What a choice may be, as far as anyone has looked. */
export type PossibleChoice<T extends string> = Is<T> | OneOf<T> | Any;
/** What a value may be, of either kind. */
export type Possible = PossibleAmount | PossibleChoice<string>;

/** An amount that is known, within bounds, or not known. */
export const possibleAmount: Schema<PossibleAmount> = named(
  'possibleLength',
  byField({ is: isSchema(length), from: intervalSchema, any: anySchema }),
  'The set of values a length may have.',
);

/** The set of values one of `values` may have. */
export const possibleChoice = <T extends string>(values: readonly T[]): Schema<PossibleChoice<T>> =>
  byField({
    is: isSchema(oneOf(values)),
    oneOf: object({ oneOf: listOfSome(oneOf(values)) }),
    any: anySchema,
  });

/** Not known at all. */
export const any: Any = { any: true };
/** The set of just this value. */
export const is = <T>(value: T): Is<T> => ({ is: value });

/** Whether it has come down to one value. */
export function isKnown<T>(possible: Is<T> | object | undefined): possible is Is<T> {
  return possible !== undefined && 'is' in possible;
}

/** Whether it is there and nobody has looked. */
export const isUnread = (possible: object | undefined): boolean =>
  possible !== undefined && 'any' in possible;

/** Whether it is a set of amounts; "any" is one too. */
export function isAmount(possible: Possible): possible is PossibleAmount {
  return (
    'any' in possible || 'from' in possible || ('is' in possible && typeof possible.is === 'number')
  );
}

/** Whether it is a set of choices; "any" is one too. */
export function isChoice(possible: Possible): possible is PossibleChoice<string> {
  return (
    'any' in possible ||
    'oneOf' in possible ||
    ('is' in possible && typeof possible.is === 'string')
  );
}

/** Lowest and highest member of a set of lengths, within what that kind of length can be at all. */
export function bounds(
  possible: PossibleAmount | undefined,
  limits: readonly [low: number, high: number],
): readonly [low: number, high: number] {
  if (possible === undefined || 'any' in possible) return limits;
  return 'is' in possible ? [possible.is, possible.is] : [possible.from, possible.to];
}

/** Members of a set of choices. */
export function members<T extends string>(
  possible: PossibleChoice<T> | undefined,
  all: readonly T[],
): readonly T[] {
  if (possible === undefined || 'any' in possible) return all;
  return 'is' in possible ? [possible.is] : possible.oneOf;
}
