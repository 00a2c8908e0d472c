import { force, patience, weight } from '../assumptions';
import { practice, published } from '../millimetres';
import { deepOrOut, enough } from '../digging';
import type { Animal } from './animal';

export const redFox: Animal = {
  id: 'red-fox',
  regions: ['gb', 'ie', 'eu', 'na', 'au'],
  active: ['dusk', 'night'],
  concerns: 'any-flock',
  closure: {
    used: published(
      76.2,
      'pcwd-foxes',
      'Openings under 3 in. An adult needs about 100 mm, a cub less; Australian fences go to 80 mm.',
    ),
    // "Under" has no largest value; the metric size below it is what mends are made to.
    strict: practice(75, 'The metric size under 3 in.'),
    passesAtFigure: true,
  },
  digs: [
    enough(305, 305, 'pcwd-foxes', '12–24 in down and at least 12 in out.'),
    ...deepOrOut(450, 450),
  ],
  climbs: 'well',
  leap: published(
    1800,
    'moseby-read',
    'Scrambling; the tested fence is 1.8 m with a 600 mm overhang.',
  ),
  hands: { pushes: true, motions: [], force: force(60) },
  patience: patience(45),
  weight: weight(10, 'One visit can empty a house.'),
};
