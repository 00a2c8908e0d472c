import { force, patience, weight } from '../assumptions';
import type { Animal } from './animal';

export const bobcat: Animal = {
  id: 'bobcat',
  regions: ['na'],
  active: ['dusk', 'night'],
  concerns: 'any-flock',
  closure: {
    used: {
      value: 51,
      unit: 'mm',
      source: 'trade',
      mark: 'common-practice',
      note: 'Openings of 2 in or less; an adult needs about 100–125 mm.',
    },
    strict: { value: 50, unit: 'mm', source: 'trade', mark: 'common-practice' },
  },
  climbs: 'well',
  leap: {
    value: 2400,
    unit: 'mm',
    source: 'trade',
    mark: 'common-practice',
    note: '1.8–2.4 m; wants a roof.',
  },
  hands: { pushes: false, motions: [], force: force(30) },
  patience: patience(45),
  weight: weight(6),
};
