/** From how many minutes on a route counts as neither a way in nor a slow way for an animal: the model's own thresholds. */
import { levelMinutes } from '../../effort/effort-level';
import { leastChance } from '../../tables/counting';
import type { Animal } from '../../tables/animals';

/** A night, or an hour where fewer than one visit in ten would last longer. */
export function shutFrom({ patience }: Animal): number {
  const wornOut = -Math.log(leastChance.value) * patience.value;
  return Math.min(levelMinutes.night, Math.max(levelMinutes.hour, wornOut));
}
