/** What a line is meant to have. */
import type { Place } from '../place/place';
import { threatsMinded } from '../place/setting';
import { animals } from '../tables/animals';

/** kV that the animals to be kept out here ask for, by the most of them; 0 where no wire is trusted against any. */
export function neededVolts(place: Pick<Place, 'setting'>): number {
  return Math.max(0, ...threatsMinded(place).map((id) => animals[id].shocked?.volts.value ?? 0));
}
