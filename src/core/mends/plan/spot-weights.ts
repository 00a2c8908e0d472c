/** What one bay weighs for one animal, spot by spot, with some of its mends made. */
import { partWeight } from '../../effort/bay-effort';
import { turnedBackAt, type PartEffort } from '../../effort/reason';
import type { When } from '../../effort/when';
import type { Bay, Place } from '../../place/place';
import type { Spot } from '../../records/mend';
import { bayWays } from '../../routes/bay-ways';
import { strandsShut } from '../../tables/counting';
import type { Animal } from '../../tables/animals';
import { spotOf } from '../spots';

/** A spot, and whether something gets through it or reaches in by it. */
export interface BySpot {
  readonly way: 'through' | 'reach';
  readonly spot: Spot;
}

/** What a spot adds to a route. */
export interface SpotWeight extends BySpot {
  readonly weight: number;
  readonly minutes: number | null;
}

/** What a spot is told from others by, the way counted in. */
export const spotKey = ({ way, spot }: BySpot): string => `${way} ${spot.kind} ${spot.item}`;

/** By `spotKey`; a spot that holds is absent. */
export type SpotWeights = ReadonlyMap<string, SpotWeight>;

/** What each spot of a bay weighs for one animal, through it and by reach. */
export function spotWeights(place: Place, bay: Bay, animal: Animal, when: When): SpotWeights {
  const { through, reach } = bayWays(bay, animal, 'best', when);
  const weights = new Map<string, SpotWeight>();
  const add = (way: BySpot['way'], part: PartEffort): void => {
    const spot = spotOf(place, part);
    const key = spotKey({ way, spot });
    const before = weights.get(key);
    const weight = partWeight(part, animal);
    const minutes = turnedBackAt(part) >= strandsShut.value ? null : part.minutes;
    weights.set(key, {
      way,
      spot,
      weight: Math.min(before?.weight ?? Infinity, weight),
      minutes: least(before?.minutes ?? null, minutes),
    });
  };
  if (through) [through.by, ...through.also].forEach((part) => add('through', part));
  if (reach) [reach.by, ...reach.also].forEach((part) => add('reach', part));
  return weights;
}

/** The smaller of two minutes, where `null` holds. */
export function least(a: number | null, b: number | null): number | null {
  if (a === null || b === null) return a ?? b;
  return Math.min(a, b);
}
