import { force, patience, weight } from '../assumptions';
import type { Animal } from './animal';

export const fisher: Animal = {
  id: 'fisher',
  regions: ['na'],
  active: ['dusk', 'night'],
  concerns: 'any-flock',
  closure: {
    used: {
      value: 25.4,
      unit: 'mm',
      source: 'trade',
      mark: 'common-practice',
      note: 'Mesh of 1 in or less; passes about 60–75 mm.',
    },
    strict: { value: 25, unit: 'mm', source: 'trade', mark: 'common-practice' },
  },
  climbs: 'well',
  leap: { value: 1500, unit: 'mm', source: 'trade', mark: 'common-practice' },
  hands: { pushes: false, motions: [], force: force(30) },
  patience: patience(60),
  weight: weight(6),
};
