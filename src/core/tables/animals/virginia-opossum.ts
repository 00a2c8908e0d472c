import { force, patience, weight } from '../assumptions';
import type { Animal } from './animal';

export const virginiaOpossum: Animal = {
  id: 'virginia-opossum',
  regions: ['na'],
  active: ['night'],
  concerns: 'any-flock',
  closure: {
    used: {
      value: 51,
      unit: 'mm',
      source: 'trade',
      mark: 'common-practice',
      note: '2 in or less; an adult needs about 76 mm, the young about 25.',
    },
    strict: { value: 25, unit: 'mm', source: 'trade', mark: 'common-practice', note: 'The young.' },
  },
  climbs: 'well',
  leap: { value: 100, unit: 'mm', source: 'trade', mark: 'common-practice', note: 'Hardly jumps.' },
  hands: { pushes: false, motions: [], force: force(15) },
  patience: patience(60),
  weight: weight(4),
};
