import { force, patience, weight } from '../assumptions';
import { assumed, practice } from '../millimetres';
import { assumedDeepOrOut } from '../digging';
import type { Animal } from './animal';

export const quoll: Animal = {
  id: 'quoll',
  regions: ['au'],
  active: ['night'],
  concerns: 'any-flock',
  closure: {
    used: practice(25, 'Mesh of 25 mm or less.'),
    strict: practice(25),
  },
  digs: assumedDeepOrOut(300, 300),
  climbs: 'well',
  leap: assumed(1000),
  hands: { pushes: false, motions: [], force: force(15) },
  patience: patience(60),
  weight: weight(6),
};
