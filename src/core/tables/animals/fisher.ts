import { force, patience, weight } from '../assumptions';
import { practice } from '../millimetres';
import type { Animal } from './animal';

export const fisher: Animal = {
  id: 'fisher',
  regions: ['na'],
  active: ['dusk', 'night'],
  concerns: 'any-flock',
  closure: {
    used: practice(25.4, 'Mesh of 1 in or less; passes about 60–75 mm.'),
    strict: practice(25),
  },
  climbs: 'well',
  leap: practice(1500),
  hands: { pushes: false, motions: [], force: force(30) },
  patience: patience(60),
  weight: weight(6),
};
