/** A leak hidden on a line, and the tester that would be put to it: to try the search without a fence. */
import { leakSizes } from '../tables/fence-faults';
import type { LeakSearch, LeakTest } from './find-leak';

/** A leak somewhere on the line. */
export interface HiddenLeak {
  /** Place on the path. */
  readonly bay: number;
  readonly ohms: number;
}

/** `chance`, `size`: from 0 up to 1. */
export function hideLeak({ bays }: LeakSearch, chance: number, size: number): HiddenLeak {
  const sizes = leakSizes;
  return {
    bay: Math.min(bays - 1, Math.floor(chance * bays)),
    ohms: sizes[Math.min(sizes.length - 1, Math.floor(size * sizes.length))] ?? sizes[0],
  };
}

/** What a tester that shows tenths would show, kV. */
export const shownBy = (search: LeakSearch, test: LeakTest, leak: HiddenLeak): number =>
  Math.round(search.reads(test, leak) * 10) / 10;
