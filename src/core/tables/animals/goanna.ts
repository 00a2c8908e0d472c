import { force, patience, weight } from '../assumptions';
import type { Animal } from './animal';

export const goanna: Animal = {
  id: 'goanna',
  regions: ['au'],
  active: ['day'],
  concerns: 'any-flock',
  closure: {
    used: {
      value: 25,
      unit: 'mm',
      source: 'trade',
      mark: 'common-practice',
      note: 'Mesh of 25 mm or less.',
    },
    strict: { value: 25, unit: 'mm', source: 'trade', mark: 'common-practice' },
  },
  climbs: 'well',
  leap: {
    value: 0,
    unit: 'mm',
    source: 'trade',
    mark: 'common-practice',
    note: 'Climbs; does not jump.',
  },
  hands: { pushes: false, motions: [], force: force(20) },
  patience: patience(60),
  weight: weight(4, 'Eggs and chicks, sometimes a grown bird.'),
};
