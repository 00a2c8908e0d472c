/** Getting to a height on a wall. Climbing is not an attack of its own yet: a good climber gets anywhere on it. */
import type { Animal } from '../tables/animals';
import type { Reason } from './reason';

/** Why this animal does not get to `height` mm above the ground; `undefined` where it does. */
export function outOfReach(animal: Animal, height: number): Reason | undefined {
  if (animal.climbs === 'well' || height <= animal.leap.value) return undefined;
  return { kind: 'out-of-reach', height, leap: animal.leap };
}
