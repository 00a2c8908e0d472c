import { force, patience, weight } from '../assumptions';
import type { Animal } from './animal';

export const roofRat: Animal = {
  id: 'roof-rat',
  regions: ['eu', 'na', 'au', 'nz'],
  active: ['dusk', 'night'],
  concerns: 'any-flock',
  closure: {
    used: { value: 12.7, unit: 'mm', source: 'pcwd-rats', mark: 'published', note: '½ in.' },
    strict: {
      value: 10,
      unit: 'mm',
      source: 'trade',
      mark: 'common-practice',
      note: 'British practice says 10–12 mm.',
    },
  },
  climbs: 'well',
  leap: { value: 914, unit: 'mm', source: 'pcwd-rats', mark: 'published' },
  hands: { pushes: false, motions: [], force: force(5) },
  patience: patience(240),
  weight: weight(3, 'Chicks and eggs.'),
};
