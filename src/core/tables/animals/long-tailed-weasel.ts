import { force, patience, weight } from '../assumptions';
import { practice, published } from '../millimetres';
import type { Animal } from './animal';

export const longTailedWeasel: Animal = {
  id: 'long-tailed-weasel',
  regions: ['na'],
  active: ['day', 'dusk', 'night'],
  concerns: 'any-flock',
  closure: {
    used: published(
      12.7,
      'pcwd-weasels',
      '½ in. The same chapter also prints 1 in; a female passes about 20 mm.',
    ),
    strict: practice(12, 'The metric size under ½ in.'),
  },
  climbs: 'well',
  leap: practice(600),
  hands: { pushes: false, motions: [], force: force(5) },
  patience: patience(45),
  weight: weight(5),
};
