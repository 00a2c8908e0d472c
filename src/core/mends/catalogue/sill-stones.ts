/** Stones or slabs packed against the gap for tonight. */
import { widestAt, workTime, type CatalogueMend } from './catalogue-mend';

/** Stones along the sill, for tonight. */
export const sillStones: CatalogueMend = {
  kind: 'sill-stones',
  term: 'tonight',
  spot: 'ground',
  takes: ({ bay }) => [{ material: 'stones', length: bay.width }],
  time: (weak) => workTime(10 + widestAt(weak) / 10),
  cautions: ['animal-inside', 'scratched-out'],
};
