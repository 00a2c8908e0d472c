import { force, patience, weight } from '../assumptions';
import type { Animal } from './animal';

export const americanBadger: Animal = {
  id: 'american-badger',
  regions: ['na'],
  active: ['night'],
  concerns: 'any-flock',
  closure: {
    used: {
      value: 50,
      unit: 'mm',
      source: 'trade',
      mark: 'common-practice',
      note: 'Openings of 50 mm or less.',
    },
    strict: { value: 50, unit: 'mm', source: 'trade', mark: 'common-practice' },
  },
  climbs: 'none',
  leap: {
    value: 300,
    unit: 'mm',
    source: 'trade',
    mark: 'common-practice',
    note: 'A poor climber.',
  },
  hands: { pushes: true, motions: [], force: force(150) },
  patience: patience(90),
  weight: weight(3),
};
