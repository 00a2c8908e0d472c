import { force, patience, weight } from '../assumptions';
import { practice } from '../millimetres';
import type { Animal } from './animal';

export const cougar: Animal = {
  id: 'cougar',
  regions: ['na'],
  active: ['dusk', 'night'],
  concerns: 'any-flock',
  closure: {
    used: practice(51, 'Heavy roofed mesh of 2 in or less.'),
    strict: practice(50),
  },
  climbs: 'well',
  leap: practice(4600, 'About 15 ft; open pens 3 m and more.'),
  hands: { pushes: true, motions: [], force: force(300) },
  patience: patience(30),
  weight: weight(4),
};
