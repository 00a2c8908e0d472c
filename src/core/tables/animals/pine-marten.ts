import { force, patience, weight } from '../assumptions';
import type { Animal } from './animal';

export const pineMarten: Animal = {
  id: 'pine-marten',
  regions: ['gb', 'ie', 'eu'],
  active: ['dusk', 'night'],
  concerns: 'any-flock',
  closure: {
    used: {
      value: 25.4,
      unit: 'mm',
      source: 'trade',
      mark: 'common-practice',
      note: 'Mesh of 25 mm or less; passes about 45 mm.',
    },
    strict: { value: 25, unit: 'mm', source: 'trade', mark: 'common-practice' },
  },
  climbs: 'well',
  leap: { value: 1800, unit: 'mm', source: 'trade', mark: 'common-practice' },
  hands: { pushes: false, motions: [], force: force(20) },
  patience: patience(60),
  weight: weight(7, 'Kills many.'),
};
