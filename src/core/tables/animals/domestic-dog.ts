import { force, patience, weight } from '../assumptions';
import { practice } from '../millimetres';
import { deepOrOut } from '../digging';
import type { Animal } from './animal';

export const domesticDog: Animal = {
  id: 'domestic-dog',
  regions: ['gb', 'ie', 'eu', 'na', 'au', 'nz'],
  active: ['day', 'dusk'],
  concerns: 'any-flock',
  closure: {
    used: practice(100, 'Depends on the breed; 100 mm assumed.'),
    strict: practice(50, 'Small terriers.'),
  },
  digs: deepOrOut(305, 305),
  climbs: 'clambers',
  leap: practice(1800, 'Jumps to 1.5–1.8 m; the usual fence is 1.8 m.'),
  hands: { pushes: true, motions: ['lift', 'pull'], force: force(200) },
  patience: patience(20),
  weight: weight(6, 'By day, and many birds at once.'),
};
