import { force, patience, weight } from '../assumptions';
import type { Animal } from './animal';

export const stoat: Animal = {
  id: 'stoat',
  regions: ['gb', 'ie', 'eu', 'na', 'nz'],
  active: ['day', 'dusk', 'night'],
  concerns: 'any-flock',
  closure: {
    used: {
      value: 12.7,
      unit: 'mm',
      source: 'pcwd-weasels',
      mark: 'published',
      note: '½ in. The same chapter also prints 1 in, which looks too loose for small females (they pass about 20 mm).',
    },
    strict: {
      value: 12,
      unit: 'mm',
      source: 'clapperton-day',
      mark: 'published',
      note: 'Upper end of the 6–12 mm mesh of New Zealand fences.',
    },
  },
  climbs: 'well',
  leap: { value: 600, unit: 'mm', source: 'trade', mark: 'common-practice' },
  hands: { pushes: false, motions: [], force: force(5) },
  patience: patience(45),
  weight: weight(5),
};
