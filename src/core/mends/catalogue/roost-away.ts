/** The roost moved so far from the cover that nothing reaches it. */
import { animals } from '../../tables/animals';
import { workTime, type CatalogueMend } from './catalogue-mend';

/** The perch moved away from the mesh. */
export const roostAway: CatalogueMend = {
  kind: 'roost-away',
  term: 'lasting',
  spot: 'reach',
  targets: ({ letsBy }) => {
    const lengths = letsBy.map((id) => animals[id].reaches?.length.value ?? 0);
    // Not a finger's breadth within reach.
    return [{ attribute: 'bay.roost', value: { atLeast: Math.max(...lengths) + 50 } }];
  },
  takes: () => [{ material: 'screws', count: 8 }],
  time: () => workTime(40),
  cautions: [],
};
