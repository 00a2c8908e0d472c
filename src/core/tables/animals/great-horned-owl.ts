import { force, patience, weight } from '../assumptions';
import type { Animal } from './animal';

export const greatHornedOwl: Animal = {
  id: 'great-horned-owl',
  regions: ['na'],
  active: ['dusk', 'night'],
  concerns: 'any-flock',
  closure: {
    used: {
      value: 51,
      unit: 'mm',
      source: 'trade',
      mark: 'common-practice',
      note: 'Netting of 2 in or less. Walks into an open coop.',
    },
    strict: { value: 50, unit: 'mm', source: 'trade', mark: 'common-practice' },
  },
  // It flies: height is nothing to it. `climbs: well` says that every band is within its reach.
  climbs: 'well',
  leap: { value: 0, unit: 'mm', source: 'rookle', mark: 'assumption', note: 'It flies.' },
  hands: { pushes: false, motions: [], force: force(10) },
  patience: patience(10),
  weight: weight(4),
};
