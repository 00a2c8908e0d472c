import { force, patience, weight } from '../assumptions';
import type { Animal } from './animal';

export const leastWeasel: Animal = {
  id: 'least-weasel',
  regions: ['gb', 'eu', 'na', 'nz'],
  active: ['day', 'dusk', 'night'],
  concerns: 'chicks',
  closure: {
    used: {
      value: 6.4,
      unit: 'mm',
      source: 'pcwd-weasels',
      mark: 'published',
      note: '¼ in where it occurs; passes about 15–20 mm, “through a wedding ring”.',
    },
    strict: {
      value: 6,
      unit: 'mm',
      source: 'trade',
      mark: 'common-practice',
      note: 'The metric size under ¼ in.',
    },
  },
  climbs: 'well',
  leap: { value: 400, unit: 'mm', source: 'trade', mark: 'common-practice' },
  hands: { pushes: false, motions: [], force: force(3) },
  patience: patience(30),
  weight: weight(1, 'Chicks and eggs, rarely a grown bird.'),
};
