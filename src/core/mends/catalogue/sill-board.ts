/** A board screwed along the sill, scribed to the ground. */
import { screwsAlong, workTime, type CatalogueMend } from './catalogue-mend';

/** A board along the sill. */
export const sillBoard: CatalogueMend = {
  kind: 'sill-board',
  term: 'lasting',
  spot: 'ground',
  takes: ({ bay }) => [
    { material: 'board', length: bay.width },
    { material: 'screws', count: screwsAlong(bay.width) },
  ],
  time: ({ bay }) => workTime(15 + bay.width / 100),
  cautions: ['animal-inside', 'rots'],
};
