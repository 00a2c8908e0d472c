import { force, patience, weight } from '../assumptions';
import type { Animal } from './animal';

export const cougar: Animal = {
  id: 'cougar',
  regions: ['na'],
  active: ['dusk', 'night'],
  concerns: 'any-flock',
  closure: {
    used: {
      value: 51,
      unit: 'mm',
      source: 'trade',
      mark: 'common-practice',
      note: 'Heavy roofed mesh of 2 in or less.',
    },
    strict: { value: 50, unit: 'mm', source: 'trade', mark: 'common-practice' },
  },
  climbs: 'well',
  leap: {
    value: 4600,
    unit: 'mm',
    source: 'trade',
    mark: 'common-practice',
    note: 'About 15 ft; open pens 3 m and more.',
  },
  hands: { pushes: true, motions: [], force: force(300) },
  patience: patience(30),
  weight: weight(4),
};
