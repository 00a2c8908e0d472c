import { force, patience, weight } from '../assumptions';
import type { Animal } from './animal';

export const goshawk: Animal = {
  id: 'goshawk',
  regions: ['gb', 'ie', 'eu', 'na'],
  active: ['day'],
  concerns: 'any-flock',
  closure: {
    used: {
      value: 51,
      unit: 'mm',
      source: 'trade',
      mark: 'common-practice',
      note: 'Netting of 2 in or less. Enters by open doors and pop doors too.',
    },
    strict: { value: 50, unit: 'mm', source: 'trade', mark: 'common-practice' },
  },
  // It flies: height is nothing to it. `climbs: well` says that every band is within its reach.
  climbs: 'well',
  leap: { value: 0, unit: 'mm', source: 'rookle', mark: 'assumption', note: 'It flies.' },
  hands: { pushes: false, motions: [], force: force(5) },
  patience: patience(5),
  weight: weight(3, 'One bird at a time, by day.'),
};
