import { force, patience } from '../assumptions';
import { assumed, practice } from '../millimetres';
import { climbs } from '../climbing';
import { beakOrFoot } from '../reaching';
import { tears } from '../strength';
import { takes } from '../taking';
import { comes } from '../visiting';
import { attempts, tries } from '../attempting';
import { allOf } from '../regions';
import type { Animal } from './animal';

/** *Accipiter gentilis*, for the hawks of its size. */
export const goshawk: Animal = {
  id: 'goshawk',
  regions: [
    ...allOf('gb', 'eu'),
    'na-north',
    'na-north-east',
    'na-lakes',
    'na-rockies',
    'na-pacific-north-west',
  ],
  localIn: ['ie', 'na-appalachia', 'na-california'],
  foundIn: { village: 'passes', farm: 'passes', 'woods-edge': 'weekly', water: 'passes' },
  active: ['day'],
  concerns: 'any-flock',
  exclusion: {
    passes: assumed(
      110,
      'Heavier than a barn owl, whose boxes have holes of 95 × 114 mm (common practice).',
    ),
    used: practice(51, 'Netting of 2 in or less. Enters by open doors and pop doors too.'),
    strict: practice(50),
  },
  flies: true,
  climbs: climbs.nothing,
  leap: assumed(0, 'It flies.'),
  tears: tears.nothing,
  reaches: beakOrFoot(51),
  dexterity: { pushes: false, motions: [], force: force(5) },
  patience: patience(5),
  coming: comes('passes', ['woods'], [8, 9, 10, 11]),
  attempting: attempts(tries.striker, [5, 6, 7], [11, 12, 1, 2]),
  leaves: 'hawk',
  taking: takes({ grown: 1, bantam: 1, chicks: 1, eggs: 0, inTheOpen: 1 }),
};
