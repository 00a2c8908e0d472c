import { force, patience, weight } from '../assumptions';
import { practice } from '../millimetres';
import { enough } from '../digging';
import type { Animal } from './animal';

const closure = practice(50, 'Openings of 50 mm or less; a grown badger needs about 100–130 mm.');

export const europeanBadger: Animal = {
  id: 'european-badger',
  regions: ['gb', 'ie', 'eu'],
  active: ['dusk', 'night'],
  concerns: 'any-flock',
  closure: { used: closure, strict: closure },
  digs: [enough(500, 300, 'ha59', '500–600 mm down with a return of 300.')],
  climbs: 'clambers',
  leap: practice(1000, 'Clambers about 1 m; a poor jumper.'),
  hands: { pushes: true, motions: [], force: force(150) },
  patience: patience(90),
  weight: weight(4),
};
