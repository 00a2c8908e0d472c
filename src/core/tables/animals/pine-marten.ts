import { force, patience, weight } from '../assumptions';
import { practice } from '../millimetres';
import type { Animal } from './animal';

export const pineMarten: Animal = {
  id: 'pine-marten',
  regions: ['gb', 'ie', 'eu'],
  active: ['dusk', 'night'],
  concerns: 'any-flock',
  closure: {
    used: practice(25.4, 'Mesh of 25 mm or less; passes about 45 mm.'),
    strict: practice(25),
  },
  climbs: 'well',
  leap: practice(1800),
  hands: { pushes: false, motions: [], force: force(20) },
  patience: patience(60),
  weight: weight(7, 'Kills many.'),
};
