import { force, patience, weight } from '../assumptions';
import type { Animal } from './animal';

export const americanMink: Animal = {
  id: 'american-mink',
  regions: ['gb', 'ie', 'eu', 'na'],
  active: ['dusk', 'night', 'day'],
  concerns: 'any-flock',
  closure: {
    used: {
      value: 25.4,
      unit: 'mm',
      source: 'pcwd-mink',
      mark: 'published',
      note: 'Close all openings over 1 in. A round hole takes about 35–40 mm; a long slot less.',
    },
    strict: {
      value: 25,
      unit: 'mm',
      source: 'trade',
      mark: 'common-practice',
      note: 'The same inch as sold in metric mesh.',
    },
  },
  climbs: 'well',
  leap: { value: 600, unit: 'mm', source: 'trade', mark: 'common-practice' },
  hands: { pushes: false, motions: [], force: force(10) },
  patience: patience(60),
  weight: weight(10, 'Kills many and eats little.'),
};
