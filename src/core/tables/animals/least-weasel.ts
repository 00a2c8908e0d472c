import { force, patience, weight } from '../assumptions';
import { practice, published } from '../millimetres';
import type { Animal } from './animal';

export const leastWeasel: Animal = {
  id: 'least-weasel',
  regions: ['gb', 'eu', 'na', 'nz'],
  active: ['day', 'dusk', 'night'],
  concerns: 'chicks',
  closure: {
    used: published(
      6.4,
      'pcwd-weasels',
      '¼ in where it occurs; passes about 15–20 mm, “through a wedding ring”.',
    ),
    strict: practice(6, 'The metric size under ¼ in.'),
  },
  climbs: 'well',
  leap: practice(400),
  hands: { pushes: false, motions: [], force: force(3) },
  patience: patience(30),
  weight: weight(1, 'Chicks and eggs, rarely a grown bird.'),
};
