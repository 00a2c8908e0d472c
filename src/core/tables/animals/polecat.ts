import { force, patience, weight } from '../assumptions';
import type { Animal } from './animal';

export const polecat: Animal = {
  id: 'polecat',
  regions: ['gb', 'eu', 'nz'],
  active: ['night'],
  concerns: 'any-flock',
  closure: {
    used: {
      value: 25.4,
      unit: 'mm',
      source: 'trade',
      mark: 'common-practice',
      note: '25 mm; a male passes about 40–50. Ferrets run wild in New Zealand.',
    },
    strict: { value: 25, unit: 'mm', source: 'trade', mark: 'common-practice' },
  },
  climbs: 'clambers',
  leap: { value: 600, unit: 'mm', source: 'trade', mark: 'common-practice' },
  hands: { pushes: false, motions: [], force: force(10) },
  patience: patience(60),
  weight: weight(7, 'Kills many.'),
};
