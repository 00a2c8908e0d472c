import { force, patience, weight } from '../assumptions';
import { practice } from '../millimetres';
import type { Animal } from './animal';

export const carpetPython: Animal = {
  id: 'carpet-python',
  regions: ['au'],
  active: ['dusk', 'night'],
  concerns: 'any-flock',
  closure: {
    used: practice(12, '10–12 mm; hatchlings 6.'),
    strict: practice(6, 'Hatchlings.'),
  },
  climbs: 'well',
  leap: practice(0, 'Climbs; does not jump.'),
  hands: { pushes: false, motions: [], force: force(20) },
  patience: patience(120),
  weight: weight(5),
};
