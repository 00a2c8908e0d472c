import { force, patience, weight } from '../assumptions';
import { practice } from '../millimetres';
import { assumedDeepOrOut } from '../digging';
import type { Animal } from './animal';

export const goanna: Animal = {
  id: 'goanna',
  regions: ['au'],
  active: ['day'],
  concerns: 'any-flock',
  closure: {
    used: practice(25, 'Mesh of 25 mm or less.'),
    strict: practice(25),
  },
  digs: assumedDeepOrOut(450, 450),
  climbs: 'well',
  leap: practice(0, 'Climbs; does not jump.'),
  hands: { pushes: false, motions: [], force: force(20) },
  patience: patience(60),
  weight: weight(4, 'Eggs and chicks, sometimes a grown bird.'),
};
