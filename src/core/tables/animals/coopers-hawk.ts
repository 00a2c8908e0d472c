import { force, patience, weight } from '../assumptions';
import { flies, practice } from '../millimetres';
import type { Animal } from './animal';

export const coopersHawk: Animal = {
  id: 'coopers-hawk',
  regions: ['na'],
  active: ['day'],
  concerns: 'any-flock',
  closure: {
    used: practice(51, 'Netting of 2 in or less. Enters by open doors and pop doors too.'),
    strict: practice(50),
  },
  // Every band is within reach of what flies.
  climbs: 'well',
  leap: flies,
  hands: { pushes: false, motions: [], force: force(5) },
  patience: patience(5),
  weight: weight(3, 'Bantams and chicks.'),
};
