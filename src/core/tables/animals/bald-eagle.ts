import { force, patience, weight } from '../assumptions';
import { flies, practice } from '../millimetres';
import type { Animal } from './animal';

export const baldEagle: Animal = {
  id: 'bald-eagle',
  regions: ['na'],
  active: ['day'],
  concerns: 'any-flock',
  closure: {
    used: practice(51, 'Netting of 2 in or less.'),
    strict: practice(50),
  },
  // Every band is within reach of what flies.
  climbs: 'well',
  leap: flies,
  hands: { pushes: false, motions: [], force: force(20) },
  patience: patience(5),
  weight: weight(2, 'Ducks above all.'),
};
