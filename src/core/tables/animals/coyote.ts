import { force, patience, weight } from '../assumptions';
import { practice, published } from '../millimetres';
import { deepOrOut, enough } from '../digging';
import type { Animal } from './animal';

export const coyote: Animal = {
  id: 'coyote',
  regions: ['na'],
  active: ['day', 'dusk', 'night'],
  concerns: 'any-flock',
  closure: {
    used: practice(
      50.8,
      'Poultry mesh of 2 in or less. An adult needs about 100–150 mm; published sheep wire is 152 × 102 mm.',
    ),
    strict: practice(50),
  },
  digs: [enough(0, 380, 'pcwd-coyotes', 'Apron of 15–24 in.'), ...deepOrOut(610, 610)],
  climbs: 'clambers',
  leap: published(1700, 'pcwd-coyotes', 'About 1.5–1.7 m; the published fence is 1.68 m or more.'),
  hands: { pushes: true, motions: [], force: force(120) },
  patience: patience(45),
  weight: weight(8),
};
