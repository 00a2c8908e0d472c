import { force, patience, weight } from '../assumptions';
import type { Animal } from './animal';

export const norwayRat: Animal = {
  id: 'norway-rat',
  regions: ['gb', 'ie', 'eu', 'na', 'au', 'nz'],
  active: ['dusk', 'night'],
  concerns: 'any-flock',
  closure: {
    used: {
      value: 12.7,
      unit: 'mm',
      source: 'bbt',
      mark: 'published',
      note: '½ in keeps out young rats too; an adult needs about 20–25 mm.',
    },
    strict: {
      value: 10,
      unit: 'mm',
      source: 'trade',
      mark: 'common-practice',
      note: 'British practice says 10–12 mm. ½ in 19-gauge mesh clears 11.66 mm: it meets the figure used and the upper British one only.',
    },
  },
  climbs: 'well',
  leap: { value: 914, unit: 'mm', source: 'pcwd-rats', mark: 'published', note: '36 in, upward.' },
  hands: { pushes: false, motions: [], force: force(5) },
  patience: patience(240, 'Lives here and comes back every night.'),
  weight: weight(4, 'Chicks, eggs and feed rather than grown birds.'),
};
