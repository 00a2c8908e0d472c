/** What a keeper presses on the keypad for a reading. */
import type { ReadingValue } from '../src/core/records/walk';

/** Keys to be pressed. */
export interface Typed {
  readonly signs: readonly string[];
  readonly unit: string | undefined;
}

/** "1 1/2 in" is a one and the key of a half. */
export function typedOf(value: ReadingValue): Typed {
  const entered =
    value !== 'cannot-tell' && 'entered' in value && typeof value.entered === 'string'
      ? value.entered
      : String(mostOf(value));
  const [figure = '', unit] = entered.split(/ (?=[a-zA-Z]+$)/);
  const signs = figure.split(' ').flatMap((it) => (it.includes('/') ? [it] : [...it]));
  return { signs, unit };
}

/** The most that it may be. */
export const mostOf = (value: ReadingValue): number =>
  value === 'cannot-tell' ? Infinity : 'to' in value ? value.to : Number(value.is);
