/** What one visit that gets in costs. It depends on animal, birds and scenario, never on the way it came. */
import type { Group } from '../place/place';
import type { Animal } from '../tables/animals';
import type { Scenario } from './scenario';

/**
 * Birds of a group; never more than there are. Groups that stand together share what one visit takes by their numbers, so that
 * a flock told as two groups loses what it would as one. In the open birds scatter, and it leaves with fewer.
 */
export function damageOf(animal: Animal, group: Group, share: number, scenario: Scenario): number {
  const { taking } = animal;
  const most = taking[group.kind].value;
  const taken = scenario === 'ranging' ? Math.min(most, taking.inTheOpen.value) : most;
  return Math.min(taken * share, group.count);
}
