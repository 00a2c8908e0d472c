import { force, patience, weight } from '../assumptions';
import { practice, published } from '../millimetres';
import { assumedDeepOrOut } from '../digging';
import type { Animal } from './animal';

export const americanMink: Animal = {
  id: 'american-mink',
  regions: ['gb', 'ie', 'eu', 'na'],
  active: ['dusk', 'night', 'day'],
  concerns: 'any-flock',
  closure: {
    used: published(
      25.4,
      'pcwd-mink',
      'Close all openings over 1 in. A round hole takes about 35–40 mm; a long slot less.',
    ),
    strict: practice(25, 'The same inch as sold in metric mesh.'),
  },
  digs: assumedDeepOrOut(150, 300),
  climbs: 'well',
  leap: practice(600),
  hands: { pushes: false, motions: [], force: force(10) },
  patience: patience(60),
  weight: weight(10, 'Kills many and eats little.'),
};
