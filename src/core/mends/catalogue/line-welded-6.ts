/** A second layer of welded mesh over the weak one. */
import { coverSize, screwsAlong, workTime, type CatalogueMend } from './catalogue-mend';

export const lineWelded6: CatalogueMend = {
  kind: 'line-welded-6',
  term: 'lasting',
  spot: 'mesh',
  adds: { layer: 'welded-6' },
  takes: (weak) => {
    const { length, height } = coverSize(weak);
    const screws = 2 * screwsAlong(length) + 2 * screwsAlong(height);
    return [
      { material: 'welded-6', length, height },
      { material: 'screws', count: screws },
      { material: 'washers', count: screws },
    ];
  },
  time: (weak) => workTime(15 + coverSize(weak).length / 40),
  cautions: ['cut-wire', 'air'],
};
