import { force, patience } from '../assumptions';
import { practice } from '../millimetres';
import { climbs } from '../climbing';
import { assumedWires, noseStrand, shocks } from '../shocking';
import { tears } from '../strength';
import { takes } from '../taking';
import { comes } from '../visiting';
import { ranging } from '../figure';
import { attempts, tries } from '../attempting';
import type { Animal } from './animal';

/** *Didelphis virginiana*. */
export const virginiaOpossum: Animal = {
  id: 'virginia-opossum',
  regions: [
    'na-north-east',
    'na-appalachia',
    'na-south-east',
    'na-lakes',
    'na-plains',
    'na-california',
    'na-pacific-north-west',
  ],
  foundIn: {
    street: 'weekly',
    suburb: 'weekly',
    village: 'weekly',
    farm: 'weekly',
    'woods-edge': 'weekly',
    water: 'weekly',
  },
  active: ['night'],
  concerns: 'any-flock',
  exclusion: {
    passes: practice(76, 'A grown one needs about 76 mm, the young about 25.'),
    used: ranging(
      practice(51, '2 in or less; an adult needs about 76 mm, the young about 25.'),
      50,
      76,
    ),
    strict: practice(25, 'The young.'),
  },
  climbs: climbs.anything,
  leap: practice(100, 'Hardly jumps.'),
  tears: tears.hex,
  shocked: shocks(4, assumedWires(152, 305), noseStrand),
  dexterity: { pushes: false, motions: [], force: force(15) },
  patience: patience(60),
  coming: comes('weekly', ['woods', 'town', 'feed-left-out'], [3, 4, 5, 9, 10, 11]),
  attempting: attempts(tries.forager, [4, 5, 9]),
  leaves: 'opossum',
  taking: takes({ grown: 0.6, bantam: 1, chicks: 3, eggs: 4, inTheOpen: 0.5, feed: true }),
};
