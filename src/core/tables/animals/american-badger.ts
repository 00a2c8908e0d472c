import { force, patience, weight } from '../assumptions';
import { practice } from '../millimetres';
import { deepOrOut, enough } from '../digging';
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
  digs: [enough(457, 0, 'pcwd-badgers', '12–18 in down.'), ...deepOrOut(610, 610)],
  climbs: 'none',
  leap: practice(300, 'A poor climber.'),
  hands: { pushes: true, motions: [], force: force(150) },
  patience: patience(90),
  weight: weight(3),
};
