/** What an earth of rods resists. Lengths in mm, ground in Ω·m, answers in Ω. */
import type { EarthRods } from '../place/fence';
import { frostDepth, groundOhms, rodFactors, type Ground } from '../tables/fence-ground';
import { between } from './between';

/** One rod (Dwight 1936): `ρ/(2πL) · (ln(8L/d) − 1)`. */
export function rodOhms(
  ground: number,
  { length, diameter }: Pick<EarthRods, 'length' | 'diameter'>,
): number {
  const metres = length / 1000;
  return (ground / (2 * Math.PI * metres)) * (Math.log((8 * length) / diameter) - 1);
}

/** Two rods farther apart than they are long (Dwight 1936). */
export function twoRodsOhms(ground: number, { length, diameter, apart }: EarthRods): number {
  const [long, wide] = [length / 1000, apart / 1000];
  const ratio = long / wide;
  return (
    (ground / (4 * Math.PI * long)) * (Math.log((8 * length) / diameter) - 1) +
    (ground / (4 * Math.PI * wide)) * (1 - ratio ** 2 / 3 + (2 * ratio ** 4) / 5)
  );
}

/**
 * Any number of rods in ground that is alike all through: two far apart by Dwight, others by the Green Book's factors, which
 * are for rods their own length apart. Nearer than that the gain shrinks with the distance (assumption of ours).
 */
export function rodsOhms(ground: number, rods: EarthRods): number {
  const { count, length, apart } = rods;
  const one = rodOhms(ground, rods);
  if (count === 1) return one;
  if (count === 2 && apart > length) return twoRodsOhms(ground, rods);
  const factor = factorOf(count);
  const near = count - (count - factor) * Math.min(1, apart / length);
  return (one / count) * near;
}

/** Beyond the table the last two go on. */
function factorOf(count: number): number {
  const last = rodFactors.at(-1);
  const before = rodFactors.at(-2);
  if (!last || !before || count <= last[0]) return between(rodFactors, count);
  return last[1] + ((last[1] - before[1]) / (last[0] - before[0])) * (count - last[0]);
}

/** In ground as it is today. Frost reaches down so far; below it the ground is moist. */
export function earthOhms(ground: Ground, rods: EarthRods): number {
  if (ground !== 'frozen') return rodsOhms(groundOhms[ground].value, rods);
  const frozen = Math.min(1, frostDepth.value / rods.length);
  const above = frozen / rodsOhms(groundOhms.frozen.value, rods);
  const below = (1 - frozen) / rodsOhms(groundOhms.moist.value, rods);
  return 1 / (above + below);
}
