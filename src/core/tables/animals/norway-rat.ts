import { force, patience, weight } from '../assumptions';
import { practice, published } from '../millimetres';
import { enough } from '../digging';
import type { Animal } from './animal';

export const norwayRat: Animal = {
  id: 'norway-rat',
  regions: ['gb', 'ie', 'eu', 'na', 'au', 'nz'],
  active: ['dusk', 'night'],
  concerns: 'any-flock',
  closure: {
    used: published(12.7, 'bbt', '½ in keeps out young rats too; an adult needs about 20–25 mm.'),
    strict: practice(
      10,
      'British practice says 10–12 mm. ½ in 19-gauge mesh clears 11.66 mm: it meets the figure used and the upper British one only.',
    ),
  },
  digs: [
    enough(
      610,
      305,
      'bbt',
      'Curtain wall 24 in down with a foot 12 in out. It digs to 1.2 m; the foot works by where it digs, not by depth.',
    ),
  ],
  climbs: 'well',
  leap: published(914, 'pcwd-rats', '36 in, upward.'),
  hands: { pushes: false, motions: [], force: force(5) },
  patience: patience(240, 'Lives here and comes back every night.'),
  weight: weight(4, 'Chicks, eggs and feed rather than grown birds.'),
};
