import { force, patience, weight } from '../assumptions';
import type { Animal } from './animal';

export const stoneMarten: Animal = {
  id: 'stone-marten',
  regions: ['eu', 'na'],
  active: ['night'],
  concerns: 'any-flock',
  closure: {
    used: {
      value: 30,
      unit: 'mm',
      source: 'trade',
      mark: 'common-practice',
      note: 'Mesh of 25–30 mm or less; a round hole takes about 50.',
    },
    strict: { value: 25, unit: 'mm', source: 'trade', mark: 'common-practice' },
  },
  climbs: 'well',
  leap: { value: 1500, unit: 'mm', source: 'trade', mark: 'common-practice' },
  hands: { pushes: false, motions: [], force: force(20) },
  patience: patience(60),
  weight: weight(7, 'Kills many.'),
};
