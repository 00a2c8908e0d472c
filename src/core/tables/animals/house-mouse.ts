import { force, patience, weight } from '../assumptions';
import { practice, published } from '../millimetres';
import type { Animal } from './animal';

export const houseMouse: Animal = {
  id: 'house-mouse',
  regions: ['gb', 'ie', 'eu', 'na', 'au', 'nz'],
  active: ['dusk', 'night'],
  concerns: 'feed-only',
  closure: {
    used: published(
      6.4,
      'bbt',
      '¼ in; British practice says 5–6 mm. ¼ in 23-gauge mesh clears 5.69 mm.',
    ),
    strict: practice(5, 'The lower British figure.'),
  },
  climbs: 'well',
  leap: published(305, 'pcwd-mice', '12 in.'),
  hands: { pushes: false, motions: [], force: force(2) },
  patience: patience(240),
  weight: weight(0.5, 'Feed; chicks rarely.'),
};
