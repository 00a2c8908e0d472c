import { force, patience, weight } from '../assumptions';
import { practice } from '../millimetres';
import { deepOrOut } from '../digging';
import type { Animal } from './animal';

export const stripedSkunk: Animal = {
  id: 'striped-skunk',
  regions: ['na'],
  active: ['night'],
  concerns: 'any-flock',
  closure: {
    used: practice(51, '2 in or less; an adult needs 75–100 mm.'),
    strict: practice(50),
  },
  digs: deepOrOut(305, 305),
  climbs: 'none',
  leap: practice(0, 'Neither climbs nor jumps to speak of.'),
  hands: { pushes: false, motions: [], force: force(15) },
  patience: patience(60),
  weight: weight(3, 'Eggs and chicks, seldom a grown bird.'),
};
