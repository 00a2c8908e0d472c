import { force, patience, weight } from '../assumptions';
import { practice, published } from '../millimetres';
import type { Animal } from './animal';

export const ratSnake: Animal = {
  id: 'rat-snake',
  regions: ['na'],
  active: ['day', 'dusk', 'night'],
  concerns: 'chicks',
  closure: {
    used: published(6.4, 'pcwd-snakes', '¼ in mesh; adults pass about 12.7–25 mm.'),
    strict: practice(6, 'The metric size under ¼ in.'),
  },
  climbs: 'well',
  leap: practice(0, 'Climbs; does not jump.'),
  hands: { pushes: false, motions: [], force: force(3) },
  patience: patience(120),
  weight: weight(2, 'Eggs and chicks.'),
};
