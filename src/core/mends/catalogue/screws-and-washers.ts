/** Screws with washers where staples or ties gave. */
import { screwsAlong, workTime, type CatalogueMend } from './catalogue-mend';

/** Screws and washers in place of staples. */
export const screwsAndWashers: CatalogueMend = {
  kind: 'screws-and-washers',
  term: 'lasting',
  spot: 'panel',
  takes: ({ bay }) => [
    { material: 'screws', count: screwsAlong(bay.height) },
    { material: 'washers', count: screwsAlong(bay.height) },
  ],
  time: () => workTime(20),
  cautions: ['cut-wire'],
};
