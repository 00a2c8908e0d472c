import { force, patience, weight } from '../assumptions';
import type { Animal } from './animal';

export const coyote: Animal = {
  id: 'coyote',
  regions: ['na'],
  active: ['day', 'dusk', 'night'],
  concerns: 'any-flock',
  closure: {
    used: {
      value: 50.8,
      unit: 'mm',
      source: 'trade',
      mark: 'common-practice',
      note: 'Poultry mesh of 2 in or less. An adult needs about 100–150 mm; published sheep wire is 152 × 102 mm.',
    },
    strict: { value: 50, unit: 'mm', source: 'trade', mark: 'common-practice' },
  },
  climbs: 'clambers',
  leap: {
    value: 1700,
    unit: 'mm',
    source: 'pcwd-coyotes',
    mark: 'published',
    note: 'About 1.5–1.7 m; the published fence is 1.68 m or more.',
  },
  hands: { pushes: true, motions: [], force: force(120) },
  patience: patience(45),
  weight: weight(8),
};
