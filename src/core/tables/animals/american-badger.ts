import { force, patience, weight } from '../assumptions';
import { practice } from '../millimetres';
import type { Animal } from './animal';

export const americanBadger: Animal = {
  id: 'american-badger',
  regions: ['na'],
  active: ['night'],
  concerns: 'any-flock',
  closure: {
    used: practice(50, 'Openings of 50 mm or less.'),
    strict: practice(50),
  },
  climbs: 'none',
  leap: practice(300, 'A poor climber.'),
  hands: { pushes: true, motions: [], force: force(150) },
  patience: patience(90),
  weight: weight(3),
};
