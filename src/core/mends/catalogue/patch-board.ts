/** A board screwed over a hole in boarding. */
import { meshOverlap, widestAt, workTime, type CatalogueMend } from './catalogue-mend';

/** A board over a hole. */
export const patchBoard: CatalogueMend = {
  kind: 'patch-board',
  term: 'lasting',
  spot: 'hole',
  takes: (weak) => {
    const side = Math.ceil((widestAt(weak) + 2 * meshOverlap.value) / 10) * 10;
    return [
      { material: 'board', length: side, height: side },
      { material: 'screws', count: 6 },
    ];
  },
  time: () => workTime(15),
  cautions: ['animal-inside', 'rots'],
};
