/**
 * The set of values an attribute may have, as far as anyone has looked. A reading narrows it; "cannot tell"
 * leaves it as it was. Lengths are in millimetres; `entered` keeps what was typed, unit and fraction.
 */

/** All of its kind: nobody has looked. */
export interface Any {
  readonly any: true;
}

export interface Is<T> {
  readonly is: T;
  readonly entered?: string;
}

export interface Interval {
  readonly from: number;
  readonly to: number;
  readonly entered?: string;
}

export interface OneOf<T> {
  readonly oneOf: readonly T[];
}

export type PossibleLength = Is<number> | Interval | Any;
export type PossibleChoice<T extends string> = Is<T> | OneOf<T> | Any;
export type Possible = PossibleLength | PossibleChoice<string>;

export const any: Any = { any: true };
export const is = <T>(value: T): Is<T> => ({ is: value });

export function isKnown<T>(possible: Is<T> | object | undefined): possible is Is<T> {
  return possible !== undefined && 'is' in possible;
}

/** Lowest and highest member of a set of lengths, within what that kind of length can be at all. */
export function bounds(
  possible: PossibleLength | undefined,
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
