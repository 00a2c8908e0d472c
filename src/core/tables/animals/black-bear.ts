import { force, patience, weight } from '../assumptions';
import { assumed } from '../millimetres';
import { assumedDeepOrOut } from '../digging';
import type { Animal } from './animal';

export const blackBear: Animal = {
  id: 'black-bear',
  regions: ['na'],
  active: ['dusk', 'night'],
  concerns: 'any-flock',
  closure: {
    used: assumed(
      100,
      'The opening hardly matters: it tears. Electric is the only practical barrier.',
    ),
    strict: assumed(100),
  },
  digs: assumedDeepOrOut(610, 610),
  climbs: 'well',
  leap: assumed(1000),
  hands: { pushes: true, motions: ['pull'], force: force(400) },
  patience: patience(90),
  weight: weight(6, 'Comes for feed as well.'),
};
