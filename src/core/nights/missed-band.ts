/** Between what the chance of a missed round lies; apart from the chance itself, which the first screen needs without the statistics. */
import { jStat } from 'jstat';
import type { MissedChance } from './missed-chance';

/** Chance that the true share lies below the lower end, and above the upper end, of what is shown. */
const tail = 0.05;

/** Nine times in ten the true share lies between. */
export function missedBand({
  beta: [a, b],
}: Pick<MissedChance, 'beta'>): readonly [number, number] {
  return a === 0 ? [0, 0] : [jStat.beta.inv(tail, a, b), jStat.beta.inv(1 - tail, a, b)];
}
