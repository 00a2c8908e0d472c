/** A fault hidden on a line, and the tester that would be put to it: to try the search without a fence. */
import type { Fault, LeakSearch, LeakTest } from './leak-search';

/** A leak somewhere on the line, or a wire that is broken. */
export interface HiddenFault {
  readonly fault: Fault;
  /** Place on the path where it is looked for. */
  readonly bay: number;
}

/** `chance`: of the bay, `kind`: of what is wrong there; from 0 up to 1. */
export function hideFault(
  { bays, suspects }: LeakSearch,
  chance: number,
  kind: number,
): HiddenFault {
  const bay = Math.min(bays - 1, Math.floor(chance * bays));
  const there = suspects.filter((it) => it.bay === bay);
  const hidden = there[Math.min(there.length - 1, Math.floor(kind * there.length))];
  if (!hidden) throw new Error('a line without a bay');
  return { fault: hidden.fault, bay };
}

/** What a tester that shows tenths would show, kV. */
export const shownBy = (search: LeakSearch, test: LeakTest, { fault }: HiddenFault): number =>
  Math.round(search.reads(test, fault) * 10) / 10;
