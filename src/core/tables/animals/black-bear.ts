import { force, patience, weight } from '../assumptions';
import type { Animal } from './animal';

export const blackBear: Animal = {
  id: 'black-bear',
  regions: ['na'],
  active: ['dusk', 'night'],
  concerns: 'any-flock',
  closure: {
    used: {
      value: 100,
      unit: 'mm',
      source: 'rookle',
      mark: 'assumption',
      note: 'The opening hardly matters: it tears. Electric is the only practical barrier.',
    },
    strict: { value: 100, unit: 'mm', source: 'rookle', mark: 'assumption' },
  },
  climbs: 'well',
  leap: { value: 1000, unit: 'mm', source: 'rookle', mark: 'assumption' },
  hands: { pushes: true, motions: ['pull'], force: force(400) },
  patience: patience(90),
  weight: weight(6, 'Comes for feed as well.'),
};
