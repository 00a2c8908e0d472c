import { force, patience, weight } from '../assumptions';
import type { Figure } from '../figure';
import type { Animal } from './animal';

const closure: Figure = {
  value: 50,
  unit: 'mm',
  source: 'long-robley',
  mark: 'published',
  note: 'Mesh of 50 mm or less; a grown cat’s head takes about 65–75 mm.',
};

export const domesticCat: Animal = {
  id: 'domestic-cat',
  regions: ['gb', 'ie', 'eu', 'na', 'au', 'nz'],
  active: ['day', 'dusk', 'night'],
  concerns: 'any-flock',
  closure: { used: closure, strict: closure },
  climbs: 'well',
  leap: { value: 1800, unit: 'mm', source: 'moseby-read', mark: 'published' },
  hands: { pushes: false, motions: [], force: force(15) },
  patience: patience(15),
  weight: weight(2, 'Chicks and bantams, seldom a grown hen.'),
};
