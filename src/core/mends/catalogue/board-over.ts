/** A sound board over the whole of the weak mesh. Never over the only air a house has. */
import { coverSize, screwsAlong, workTime, type CatalogueMend } from './catalogue-mend';

/** A board over weak mesh, for tonight. */
export const boardOver: CatalogueMend = {
  kind: 'board-over',
  term: 'tonight',
  spot: 'mesh',
  adds: { layer: 'solid-board' },
  takes: (weak) => {
    const { length, height } = coverSize(weak);
    return [
      { material: 'solid-board', length, height },
      { material: 'screws', count: 2 * screwsAlong(length) },
    ];
  },
  time: () => workTime(20),
  cautions: ['air', 'animal-inside'],
};
