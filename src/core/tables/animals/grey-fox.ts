import { force, patience, weight } from '../assumptions';
import { practice, published } from '../millimetres';
import { deepOrOut, enough } from '../digging';
import type { Animal } from './animal';

export const greyFox: Animal = {
  id: 'grey-fox',
  regions: ['na'],
  active: ['dusk', 'night'],
  concerns: 'any-flock',
  closure: {
    used: published(76.2, 'pcwd-foxes', 'As the red fox: openings under 3 in.'),
    strict: practice(75, 'The metric size under 3 in.'),
    passesAtFigure: true,
  },
  digs: [enough(305, 305, 'pcwd-foxes', 'As the red fox; digs less.'), ...deepOrOut(450, 450)],
  climbs: 'well',
  leap: practice(1800, 'Climbs trees as well.'),
  hands: { pushes: true, motions: [], force: force(60) },
  patience: patience(45),
  weight: weight(8),
};
