/** Boards for good over weak mesh: nothing passes, and nothing blows through either. */
import { coverSize, screwsAlong, workTime, type CatalogueMend } from './catalogue-mend';
import { isForAir } from './for-air';

/** A bay boarded over. */
export const boarded: CatalogueMend = {
  kind: 'boarded',
  term: 'lasting',
  spot: 'mesh',
  fits: (weak) => !isForAir(weak),
  adds: { layer: 'solid-board' },
  takes: (weak) => {
    const { length, height } = coverSize(weak);
    return [
      { material: 'solid-board', length, height },
      { material: 'screws', count: 2 * screwsAlong(length) },
    ];
  },
  time: (weak) => workTime(30 + coverSize(weak).length / 50),
  cautions: ['air', 'shade', 'animal-inside', 'rots', 'snow'],
};
