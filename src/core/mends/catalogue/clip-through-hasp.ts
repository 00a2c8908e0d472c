/** A spring clip through the hasp. */
import { workTime, type CatalogueMend } from './catalogue-mend';

export const clipThroughHasp: CatalogueMend = {
  kind: 'clip-through-hasp',
  term: 'lasting',
  spot: 'latch',
  adds: { latch: 'clip' },
  takes: () => [
    { material: 'hasp', count: 1 },
    { material: 'clip', count: 1 },
  ],
  time: () => workTime(15),
  cautions: ['keeper-shut-in'],
};
