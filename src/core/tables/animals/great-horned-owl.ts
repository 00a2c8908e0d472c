import { force, patience, weight } from '../assumptions';
import { flies, practice } from '../millimetres';
import type { Animal } from './animal';

export const greatHornedOwl: Animal = {
  id: 'great-horned-owl',
  regions: ['na'],
  active: ['dusk', 'night'],
  concerns: 'any-flock',
  closure: {
    used: practice(51, 'Netting of 2 in or less. Walks into an open coop.'),
    strict: practice(50),
  },
  // Every band is within reach of what flies.
  climbs: 'well',
  leap: flies,
  hands: { pushes: false, motions: [], force: force(10) },
  patience: patience(10),
  weight: weight(4),
};
