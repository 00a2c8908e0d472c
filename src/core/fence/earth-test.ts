/** The earth test: the line shorted far off, the stake read against a probe of its own; how many rods are missing. */
import { mostRods, type EarthRods } from '../place/fence';
import type { Ground } from '../tables/fence-ground';
import { shortedTo } from '../tables/fence-first';
import { earthAtMost } from '../tables/shocking';
import { earthOhms } from './electrode';
import type { Source } from './source';

/**
 * Volts on the stake under that short, kV: the current that brings the line down to 2 kV, through the rods. A line that cannot be
 * held up at 2 kV by its energizer gives none.
 */
export function stakeVolts({ open, within }: Source, ohms: number): number {
  return (Math.max(0, open - shortedTo.value) * ohms) / (within + ohms);
}

/** What the rods resist by the volts that were read on them, Ω; `undefined` where no rods of this source could read that. */
export function ohmsByStake({ open, within }: Source, read: number): number | undefined {
  const rest = open - shortedTo.value - read;
  return rest > 0 ? (read * within) / rest : undefined;
}

/**
 * Rods of the kind in hand until the stake reads 300 V or less. `read`: what it reads now, kV; ground that is worse than its kind
 * is worse for all of them. `undefined`: not even fifty would do, and wet ground must be looked for.
 */
export function rodsMissing(
  source: Source,
  rods: EarthRods,
  ground: Ground,
  read?: number,
): number | undefined {
  const now = earthOhms(ground, rods);
  const real = read === undefined ? now : ohmsByStake(source, read);
  if (real === undefined) return undefined;
  const worse = real / now;
  for (let count = rods.count; count <= mostRods; count += 1) {
    const apart = rods.count === 1 && rods.apart < rods.length ? rods.length : rods.apart;
    const ohms = earthOhms(ground, { ...rods, count, apart }) * worse;
    if (stakeVolts(source, ohms) <= earthAtMost.value) return count - rods.count;
  }
  return undefined;
}
