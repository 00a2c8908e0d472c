/** The pulled edge clamped under a batten. */
import { screwsAlong, workTime, type CatalogueMend } from './catalogue-mend';

/** A batten over the edge of the mesh. */
export const battenEdge: CatalogueMend = {
  kind: 'batten-edge',
  term: 'lasting',
  spot: 'panel',
  takes: ({ bay }) => [
    { material: 'batten', length: bay.height },
    { material: 'screws', count: screwsAlong(bay.height) },
  ],
  time: () => workTime(25),
  cautions: ['cut-wire'],
};
