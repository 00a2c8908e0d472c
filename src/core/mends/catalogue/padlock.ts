/** A padlock through the hasp. */
import { workTime, type CatalogueMend } from './catalogue-mend';

export const padlock: CatalogueMend = {
  kind: 'padlock',
  term: 'lasting',
  spot: 'latch',
  adds: { latch: 'padlock' },
  takes: () => [
    { material: 'hasp', count: 1 },
    { material: 'padlock', count: 1 },
  ],
  time: () => workTime(15),
  cautions: ['keeper-shut-in'],
};
