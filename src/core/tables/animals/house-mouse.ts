import { force, patience, weight } from '../assumptions';
import type { Animal } from './animal';

export const houseMouse: Animal = {
  id: 'house-mouse',
  regions: ['gb', 'ie', 'eu', 'na', 'au', 'nz'],
  active: ['dusk', 'night'],
  concerns: 'feed-only',
  closure: {
    used: {
      value: 6.4,
      unit: 'mm',
      source: 'bbt',
      mark: 'published',
      note: '¼ in; British practice says 5–6 mm. ¼ in 23-gauge mesh clears 5.69 mm.',
    },
    strict: {
      value: 5,
      unit: 'mm',
      source: 'trade',
      mark: 'common-practice',
      note: 'The lower British figure.',
    },
  },
  climbs: 'well',
  leap: { value: 305, unit: 'mm', source: 'pcwd-mice', mark: 'published', note: '12 in.' },
  hands: { pushes: false, motions: [], force: force(2) },
  patience: patience(240),
  weight: weight(0.5, 'Feed; chicks rarely.'),
};
