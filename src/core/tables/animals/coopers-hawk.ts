import { force, patience } from '../assumptions';
import { assumed, practice } from '../millimetres';
import { climbs } from '../climbing';
import { beakOrFoot } from '../reaching';
import { tears } from '../strength';
import { takes } from '../taking';
import { comes } from '../visiting';
import { attempts, tries } from '../attempting';
import { allBut } from '../regions';
import type { Animal } from './animal';

/** *Accipiter cooperii*. */
export const coopersHawk: Animal = {
  id: 'coopers-hawk',
  regions: allBut('na', 'na-north'),
  foundIn: {
    street: 'passes',
    suburb: 'weekly',
    village: 'weekly',
    farm: 'passes',
    'woods-edge': 'weekly',
    water: 'passes',
  },
  active: ['day'],
  concerns: 'any-flock',
  exclusion: {
    passes: assumed(
      85,
      'Four times as heavy as a kestrel, whose boxes have holes of 76 mm (common practice).',
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
  coming: comes('passes', ['woods', 'town'], [8, 9, 10, 11]),
  attempting: attempts(tries.striker, [5, 6, 7], [11, 12, 1, 2]),
  leaves: 'hawk',
  taking: takes({ grown: 0.1, bantam: 0.8, chicks: 1, eggs: 0, inTheOpen: 0.5 }),
};
