import { force, patience, weight } from '../assumptions';
import { practice } from '../millimetres';
import type { Animal } from './animal';

export const bobcat: Animal = {
  id: 'bobcat',
  regions: ['na'],
  active: ['dusk', 'night'],
  concerns: 'any-flock',
  closure: {
    used: practice(51, 'Openings of 2 in or less; an adult needs about 100–125 mm.'),
    strict: practice(50),
  },
  climbs: 'well',
  leap: practice(2400, '1.8–2.4 m; wants a roof.'),
  hands: { pushes: false, motions: [], force: force(30) },
  patience: patience(45),
  weight: weight(6),
};
