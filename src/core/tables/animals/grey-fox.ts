import { force, patience, weight } from '../assumptions';
import type { Animal } from './animal';

export const greyFox: Animal = {
  id: 'grey-fox',
  regions: ['na'],
  active: ['dusk', 'night'],
  concerns: 'any-flock',
  closure: {
    used: {
      value: 76.2,
      unit: 'mm',
      source: 'pcwd-foxes',
      mark: 'published',
      note: 'As the red fox: openings under 3 in.',
    },
    strict: {
      value: 75,
      unit: 'mm',
      source: 'trade',
      mark: 'common-practice',
      note: 'The metric size under 3 in.',
    },
    passesAtFigure: true,
  },
  climbs: 'well',
  leap: {
    value: 1800,
    unit: 'mm',
    source: 'trade',
    mark: 'common-practice',
    note: 'Climbs trees as well.',
  },
  hands: { pushes: true, motions: [], force: force(60) },
  patience: patience(45),
  weight: weight(8),
};
