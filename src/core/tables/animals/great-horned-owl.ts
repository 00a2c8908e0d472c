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

/** *Bubo virginianus*. */
export const greatHornedOwl: Animal = {
  id: 'great-horned-owl',
  regions: allOf('na'),
  foundIn: {
    suburb: 'passes',
    village: 'passes',
    farm: 'weekly',
    'woods-edge': 'weekly',
    water: 'passes',
  },
  active: ['dusk', 'night'],
  concerns: 'any-flock',
  exclusion: {
    passes: assumed(
      120,
      'Holes of 95 × 114 mm let barn owls into a box and keep this one out (common practice).',
    ),
    used: practice(51, 'Netting of 2 in or less. Walks into an open coop.'),
    strict: practice(50),
  },
  flies: true,
  climbs: climbs.nothing,
  leap: assumed(0, 'It flies.'),
  tears: tears.nothing,
  reaches: beakOrFoot(51),
  dexterity: { pushes: false, motions: [], force: force(10) },
  patience: patience(10),
  coming: comes('passes', ['woods', 'farmland'], [12, 1, 2, 3]),
  attempting: attempts(tries.striker, [2, 3, 4, 5], [12, 1, 2]),
  leaves: 'owl',
  taking: takes({ grown: 1.2, bantam: 1.3, chicks: 1.5, eggs: 0, inTheOpen: 1 }),
};
