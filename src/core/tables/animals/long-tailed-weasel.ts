import { force, patience, weight } from '../assumptions';
import type { Animal } from './animal';

export const longTailedWeasel: Animal = {
  id: 'long-tailed-weasel',
  regions: ['na'],
  active: ['day', 'dusk', 'night'],
  concerns: 'any-flock',
  closure: {
    used: {
      value: 12.7,
      unit: 'mm',
      source: 'pcwd-weasels',
      mark: 'published',
      note: '½ in. The same chapter also prints 1 in; a female passes about 20 mm.',
    },
    strict: {
      value: 12,
      unit: 'mm',
      source: 'trade',
      mark: 'common-practice',
      note: 'The metric size under ½ in.',
    },
  },
  climbs: 'well',
  leap: { value: 600, unit: 'mm', source: 'trade', mark: 'common-practice' },
  hands: { pushes: false, motions: [], force: force(5) },
  patience: patience(45),
  weight: weight(5),
};
