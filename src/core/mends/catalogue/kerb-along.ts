/** A kerb bedded along the sill: no gap, and nothing to dig through at the wall. */
import { standsFast } from './light-frame';
import { workTime, type CatalogueMend } from './catalogue-mend';

/** A kerb let into the ground along the wall. */
export const kerbAlong: CatalogueMend = {
  kind: 'kerb-along',
  term: 'lasting',
  spot: 'ground',
  // What is moved takes no kerb with it.
  fits: standsFast,
  targets: (_weak, { strict }) => [
    { attribute: 'ground.gap', value: { atMost: strict } },
    { attribute: 'ground.gapLifted', value: { atMost: strict } },
    { attribute: 'ground.soil', value: { is: 'hard-surface' } },
  ],
  takes: ({ bay }) => [{ material: 'kerb', length: bay.width }],
  time: ({ bay }) => workTime(40 + bay.width / 20),
  cautions: ['digging', 'animal-inside', 'drainage'],
};
