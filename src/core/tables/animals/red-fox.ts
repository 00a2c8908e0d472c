import { force, patience, weight } from '../assumptions';
import type { Animal } from './animal';

export const redFox: Animal = {
  id: 'red-fox',
  regions: ['gb', 'ie', 'eu', 'na', 'au'],
  active: ['dusk', 'night'],
  concerns: 'any-flock',
  closure: {
    used: {
      value: 76.2,
      unit: 'mm',
      source: 'pcwd-foxes',
      mark: 'published',
      note: 'Openings under 3 in. An adult needs about 100 mm, a cub less; Australian fences go to 80 mm.',
    },
    // "Under" has no largest value; the metric size below it is what mends are made to.
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
    source: 'moseby-read',
    mark: 'published',
    note: 'Scrambling; the tested fence is 1.8 m with a 600 mm overhang.',
  },
  hands: { pushes: true, motions: [], force: force(60) },
  patience: patience(45),
  weight: weight(10, 'One visit can empty a house.'),
};
