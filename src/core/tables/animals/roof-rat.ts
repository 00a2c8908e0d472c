import { force, patience, weight } from '../assumptions';
import { practice, published } from '../millimetres';
import type { Animal } from './animal';

export const roofRat: Animal = {
  id: 'roof-rat',
  regions: ['eu', 'na', 'au', 'nz'],
  active: ['dusk', 'night'],
  concerns: 'any-flock',
  closure: {
    used: published(12.7, 'pcwd-rats', '½ in.'),
    strict: practice(10, 'British practice says 10–12 mm.'),
  },
  climbs: 'well',
  leap: published(914, 'pcwd-rats'),
  hands: { pushes: false, motions: [], force: force(5) },
  patience: patience(240),
  weight: weight(3, 'Chicks and eggs.'),
};
