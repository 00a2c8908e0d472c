import { force, patience, weight } from '../assumptions';
import type { Animal } from './animal';

export const carpetPython: Animal = {
  id: 'carpet-python',
  regions: ['au'],
  active: ['dusk', 'night'],
  concerns: 'any-flock',
  closure: {
    used: {
      value: 12,
      unit: 'mm',
      source: 'trade',
      mark: 'common-practice',
      note: '10–12 mm; hatchlings 6.',
    },
    strict: { value: 6, unit: 'mm', source: 'trade', mark: 'common-practice', note: 'Hatchlings.' },
  },
  climbs: 'well',
  leap: {
    value: 0,
    unit: 'mm',
    source: 'trade',
    mark: 'common-practice',
    note: 'Climbs; does not jump.',
  },
  hands: { pushes: false, motions: [], force: force(20) },
  patience: patience(120),
  weight: weight(5),
};
