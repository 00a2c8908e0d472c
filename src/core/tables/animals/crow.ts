import { force, patience, weight } from '../assumptions';
import type { Animal } from './animal';

export const crow: Animal = {
  id: 'crow',
  regions: ['gb', 'ie', 'eu', 'na', 'au'],
  active: ['day'],
  concerns: 'chicks',
  closure: {
    used: {
      value: 38,
      unit: 'mm',
      source: 'trade',
      mark: 'common-practice',
      note: 'Magpies 38 mm, crows 50.',
    },
    strict: { value: 38, unit: 'mm', source: 'trade', mark: 'common-practice' },
  },
  // It flies: height is nothing to it. `climbs: well` says that every band is within its reach.
  climbs: 'well',
  leap: { value: 0, unit: 'mm', source: 'rookle', mark: 'assumption', note: 'It flies.' },
  hands: { pushes: false, motions: [], force: force(3) },
  patience: patience(10),
  weight: weight(1.5, 'Eggs and chicks.'),
};
