/** Weight on a light frame, where pegs cannot go in or do not hold. */
import { ours } from '../../tables/assumptions';
import { animals } from '../../tables/animals';
import { workTime, type CatalogueMend } from './catalogue-mend';
import type { WeakSpot } from '../weak-spot';

/** m/s² */
const gravity = 9.81;

/** kg from which half of it on an edge is more than twice what any of them lifts (statics; see effort/lift.ts). */
function enough({ letsBy }: WeakSpot): number {
  const strongest = Math.max(...letsBy.map((id) => animals[id].dexterity.force.value));
  return Math.ceil((4 * strongest) / gravity) + 1;
}

/** What a light frame is loaded with at most, kg. */
export const mostLoad = ours(
  200,
  'kg',
  'No frame that is moved by hand is worth loading beyond it.',
);

/** One slab laid on for weight. */
export const slabWeight = ours(20, 'kg', 'A paving slab of 450 mm weighs about so much.');

/** Weights on a light frame. */
export const weightOn: CatalogueMend = {
  kind: 'weight-on',
  term: 'lasting',
  spot: 'frame',
  targets: (weak) => {
    const kilograms = enough(weak);
    return kilograms > mostLoad.value
      ? undefined
      : [{ attribute: 'ground.weight', value: { atLeast: kilograms } }];
  },
  takes: (weak) => [{ material: 'ballast', count: Math.ceil(enough(weak) / slabWeight.value) }],
  time: (weak) => workTime(10 + enough(weak) / 10),
  cautions: ['drainage'],
};
