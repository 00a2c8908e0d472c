/** Rolls of mesh as shops have them: widths and lengths of `sold.ts`, the small ones dearer for as much. */
import type { Roll } from '../mends/cutting/cutting';

/** Width, length, mm; hundredths of money. */
export const rollsOf = (
  ...all: readonly (readonly [width: number, length: number, cents: number])[]
): Roll[] =>
  all.map(([width, length, cents]) => ({ id: `${width}x${length}`, width, length, cents }));

export const meshRolls: readonly Roll[] = rollsOf(
  [600, 5000, 3000],
  [900, 5000, 4500],
  [600, 10_000, 5280],
  [900, 10_000, 7920],
  [900, 25_000, 18_000],
  [1200, 25_000, 24_000],
);
