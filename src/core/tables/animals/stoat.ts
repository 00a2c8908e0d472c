import { force, patience, weight } from '../assumptions';
import { practice, published } from '../millimetres';
import { assumedDeepOrOut, enough } from '../digging';
import type { Animal } from './animal';

export const stoat: Animal = {
  id: 'stoat',
  regions: ['gb', 'ie', 'eu', 'na', 'nz'],
  active: ['day', 'dusk', 'night'],
  concerns: 'any-flock',
  closure: {
    used: published(
      12.7,
      'pcwd-weasels',
      '½ in. The same chapter also prints 1 in, which looks too loose for small females (they pass about 20 mm).',
    ),
    strict: published(12, 'clapperton-day', 'Upper end of the 6–12 mm mesh of New Zealand fences.'),
  },
  digs: [
    enough(0, 300, 'dm-fences', 'Skirt of 300–400 mm, pinned or buried.'),
    ...assumedDeepOrOut(300, 400),
  ],
  climbs: 'well',
  leap: practice(600),
  hands: { pushes: false, motions: [], force: force(5) },
  patience: patience(45),
  weight: weight(5),
};
