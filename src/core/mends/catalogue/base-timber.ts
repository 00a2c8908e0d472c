/** The timber along the ground cut out back to sound wood and a treated one put in its place, on what keeps it out of the wet. */
import { screwsAlong, workTime, type CatalogueMend } from './catalogue-mend';

/** New timber along the ground. */
export const baseTimber: CatalogueMend = {
  kind: 'base-timber',
  term: 'lasting',
  spot: 'timber',
  targets: () => [{ attribute: 'ground.timber', value: { is: 'sound' } }],
  takes: ({ bay }) => [
    { material: 'board', length: bay.width },
    { material: 'screws', count: screwsAlong(bay.width) },
    { material: 'brackets', count: 2 },
  ],
  // The mesh is taken off along the foot, and put back.
  time: ({ bay }) => workTime(45 + bay.width / 40),
  cautions: ['animal-inside', 'cut-wire', 'rots'],
};
