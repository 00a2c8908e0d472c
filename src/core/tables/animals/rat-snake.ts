import { force, patience, weight } from '../assumptions';
import type { Animal } from './animal';

export const ratSnake: Animal = {
  id: 'rat-snake',
  regions: ['na'],
  active: ['day', 'dusk', 'night'],
  concerns: 'chicks',
  closure: {
    used: {
      value: 6.4,
      unit: 'mm',
      source: 'pcwd-snakes',
      mark: 'published',
      note: '¼ in mesh; adults pass about 12.7–25 mm.',
    },
    strict: {
      value: 6,
      unit: 'mm',
      source: 'trade',
      mark: 'common-practice',
      note: 'The metric size under ¼ in.',
    },
  },
  climbs: 'well',
  leap: {
    value: 0,
    unit: 'mm',
    source: 'trade',
    mark: 'common-practice',
    note: 'Climbs; does not jump.',
  },
  hands: { pushes: false, motions: [], force: force(3) },
  patience: patience(120),
  weight: weight(2, 'Eggs and chicks.'),
};
