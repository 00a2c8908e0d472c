import { force, patience, weight } from '../assumptions';
import { practice } from '../millimetres';
import type { Animal } from './animal';

export const virginiaOpossum: Animal = {
  id: 'virginia-opossum',
  regions: ['na'],
  active: ['night'],
  concerns: 'any-flock',
  closure: {
    used: practice(51, '2 in or less; an adult needs about 76 mm, the young about 25.'),
    strict: practice(25, 'The young.'),
  },
  climbs: 'well',
  leap: practice(100, 'Hardly jumps.'),
  hands: { pushes: false, motions: [], force: force(15) },
  patience: patience(60),
  weight: weight(4),
};
