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

/** *Buteo jamaicensis*. */
export const redTailedHawk: Animal = {
  id: 'red-tailed-hawk',
  regions: allOf('na'),
  foundIn: {
    street: 'passes',
    suburb: 'passes',
    village: 'weekly',
    farm: 'weekly',
    'woods-edge': 'weekly',
    water: 'passes',
  },
  active: ['day'],
  concerns: 'any-flock',
  exclusion: {
    passes: assumed(
      115,
      'Twice as heavy as a barn owl, whose boxes have holes of 95 × 114 mm (common practice).',
    ),
    used: practice(51, 'Netting of 2 in or less.'),
    strict: practice(50),
  },
  flies: true,
  climbs: climbs.nothing,
  leap: assumed(0, 'It flies.'),
  tears: tears.nothing,
  reaches: beakOrFoot(51),
  dexterity: { pushes: false, motions: [], force: force(5) },
  patience: patience(5),
  coming: comes('weekly', ['farmland', 'woods'], [9, 10, 11, 12, 1]),
  attempting: attempts(tries.striker, [4, 5, 6], [11, 12, 1, 2]),
  leaves: 'hawk',
  taking: takes({ grown: 0.3, bantam: 0.7, chicks: 1, eggs: 0, inTheOpen: 0.4 }),
};
