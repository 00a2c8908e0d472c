import { force, patience, weight } from '../assumptions';
import { published } from '../millimetres';
import type { Animal } from './animal';

const closure = published(
  50,
  'long-robley',
  'Mesh of 50 mm or less; a grown cat’s head takes about 65–75 mm.',
);

export const domesticCat: Animal = {
  id: 'domestic-cat',
  regions: ['gb', 'ie', 'eu', 'na', 'au', 'nz'],
  active: ['day', 'dusk', 'night'],
  concerns: 'any-flock',
  closure: { used: closure, strict: closure },
  climbs: 'well',
  leap: published(1800, 'moseby-read'),
  hands: { pushes: false, motions: [], force: force(15) },
  patience: patience(15),
  weight: weight(2, 'Chicks and bantams, seldom a grown hen.'),
};
