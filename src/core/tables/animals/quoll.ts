import { force, patience, weight } from '../assumptions';
import type { Animal } from './animal';

export const quoll: Animal = {
  id: 'quoll',
  regions: ['au'],
  active: ['night'],
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
  leap: { value: 1000, unit: 'mm', source: 'rookle', mark: 'assumption' },
  hands: { pushes: false, motions: [], force: force(15) },
  patience: patience(60),
  weight: weight(6),
};
