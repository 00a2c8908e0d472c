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

/** *Corvus*, crows and ravens: thieves of eggs and chicks. */
export const crow: Animal = {
  id: 'crow',
  regions: allOf('gb', 'ie', 'eu', 'na', 'au'),
  foundIn: {
    street: 'weekly',
    suburb: 'weekly',
    village: 'weekly',
    farm: 'most-nights',
    'woods-edge': 'weekly',
    water: 'weekly',
  },
  active: ['day'],
  concerns: 'chicks',
  exclusion: {
    passes: practice(50, 'Crows pass about 50 mm, magpies 38.'),
    used: practice(38, 'Magpies 38 mm, crows 50.'),
    strict: practice(38),
  },
  flies: true,
  climbs: climbs.nothing,
  leap: assumed(0, 'It flies.'),
  tears: tears.nothing,
  reaches: beakOrFoot(38),
  dexterity: { pushes: false, motions: [], force: force(3) },
  patience: patience(10),
  coming: comes('most-nights', ['farmland', 'town'], [3, 4, 5, 6, 7]),
  attempting: attempts(tries.striker, [4, 5, 6]),
  leaves: 'crow',
  taking: takes({ grown: 0, bantam: 0, chicks: 1, eggs: 2, inTheOpen: 0.3 }),
};
