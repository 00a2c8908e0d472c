/** Weight on a light frame, where pegs cannot go in or do not hold. */
import { animals } from '../../tables/animals';
import { workTime, type CatalogueMend } from './catalogue-mend';
import type { WeakSpot } from '../weak-spot';

/** m/s² */
const gravity = 9.81;

/** kg from which half of it on an edge is more than twice what any of them lifts (statics; see effort/lift.ts). */
function enough({ letsBy }: WeakSpot): number {
  const strongest = Math.max(...letsBy.map((id) => animals[id].hands.force.value));
  return Math.ceil((4 * strongest) / gravity) + 1;
}

/** No frame that is moved by hand is worth loading beyond this, kg (assumption of ours). */
const mostLoad = 200;

/** One slab, kg (assumption of ours). */
const slab = 20;

export const weightOn: CatalogueMend = {
  kind: 'weight-on',
  term: 'lasting',
  spot: 'frame',
  targets: (weak) => {
    const kilograms = enough(weak);
    return kilograms > mostLoad
      ? undefined
      : [{ attribute: 'ground.weight', value: { atLeast: kilograms } }];
  },
  takes: (weak) => [{ material: 'ballast', count: Math.ceil(enough(weak) / slab) }],
  time: (weak) => workTime(10 + enough(weak) / 10),
  cautions: ['drainage'],
};
