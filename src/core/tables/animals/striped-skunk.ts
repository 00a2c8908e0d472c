import { force, patience, weight } from '../assumptions';
import type { Animal } from './animal';

export const stripedSkunk: Animal = {
  id: 'striped-skunk',
  regions: ['na'],
  active: ['night'],
  concerns: 'any-flock',
  closure: {
    used: {
      value: 51,
      unit: 'mm',
      source: 'trade',
      mark: 'common-practice',
      note: '2 in or less; an adult needs 75–100 mm.',
    },
    strict: { value: 50, unit: 'mm', source: 'trade', mark: 'common-practice' },
  },
  climbs: 'none',
  leap: {
    value: 0,
    unit: 'mm',
    source: 'trade',
    mark: 'common-practice',
    note: 'Neither climbs nor jumps to speak of.',
  },
  hands: { pushes: false, motions: [], force: force(15) },
  patience: patience(60),
  weight: weight(3, 'Eggs and chicks, seldom a grown bird.'),
};
