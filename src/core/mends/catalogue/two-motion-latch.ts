/** A latch that wants two different motions. */
import { workTime, type CatalogueMend } from './catalogue-mend';

export const twoMotionLatch: CatalogueMend = {
  kind: 'two-motion-latch',
  term: 'lasting',
  spot: 'latch',
  adds: { latch: 'two-motion' },
  takes: () => [
    { material: 'two-motion', count: 1 },
    { material: 'screws', count: 4 },
  ],
  time: () => workTime(20),
  cautions: ['keeper-shut-in'],
};
