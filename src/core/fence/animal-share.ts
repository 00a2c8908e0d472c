/** The share of a line's volts that lies across an animal, and what that makes of the volts that the tables ask for. */
import type { LineReturn } from '../place/fence';
import { bodyOhms, pawRadius, pawsDown, soundSource } from '../tables/fence-animal';
import { groundOhms, referenceGround, snowOhms, type Ground } from '../tables/fence-ground';

/** All paws on the ground, Ω: each a disc of radius `b`, `ρ/(4b)`, side by side (IEEE Std 80). */
export function pawOhms(ground: number): number {
  return ground / (4 * (pawRadius.value / 1000)) / pawsDown;
}

/** What its paws stand on, Ω·m. */
const underfoot = (ground: Ground, snow: number): number =>
  snow > 0 ? snowOhms.value : groundOhms[ground].value;

/**
 * Volts across the animal by the volts on the wire before it was touched. `behind`: what the line, its energizer and its earth
 * resist seen from there, Ω. Where an earthed wire or mesh is touched as well, no paw is in the way.
 */
export function shareAcross(
  behind: number,
  ground: Ground,
  back: LineReturn = 'ground',
  snow = 0,
): number {
  const paws = back === 'ground' ? pawOhms(underfoot(ground, snow)) : 0;
  return bodyOhms.value / (bodyOhms.value + paws + behind);
}

/** The share for which the tables' volts are meant: a sound line over moist ground. */
const meant = shareAcross(soundSource.value, referenceGround);

/** By how much less than the tables mean the volts of a wire are worth here: 1 on a sound line over moist ground, never more. */
export function worthOfVolts(
  behind: number,
  ground: Ground,
  back?: LineReturn,
  snow?: number,
): number {
  return Math.min(1, shareAcross(behind, ground, back, snow) / meant);
}
