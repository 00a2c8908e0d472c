import { force, patience } from '../assumptions';
import { practice } from '../millimetres';
import { deepOrOut } from '../digging';
import { climbs } from '../climbing';
import { assumedWires, noseStrand, shocks } from '../shocking';
import { tears } from '../strength';
import { takes } from '../taking';
import { comes } from '../visiting';
import { ranging } from '../figure';
import { attempts, tries } from '../attempting';
import { allBut } from '../regions';
import type { Animal } from './animal';

/** *Mephitis mephitis*. */
export const stripedSkunk: Animal = {
  id: 'striped-skunk',
  regions: allBut('na', 'na-north'),
  foundIn: {
    street: 'passes',
    suburb: 'weekly',
    village: 'weekly',
    farm: 'weekly',
    'woods-edge': 'weekly',
    water: 'passes',
  },
  active: ['night'],
  concerns: 'any-flock',
  exclusion: {
    passes: practice(85, 'A grown one needs 75–100 mm.'),
    used: ranging(practice(51, '2 in or less; an adult needs 75–100 mm.'), 50, 75),
    strict: practice(50),
  },
  digs: deepOrOut(305, 305),
  climbs: climbs.nothing,
  leap: practice(0, 'Neither climbs nor jumps to speak of.'),
  tears: tears.hex,
  shocked: shocks(4, assumedWires(152, 305), noseStrand),
  dexterity: { pushes: false, motions: [], force: force(15) },
  patience: patience(60),
  coming: comes('weekly', ['farmland', 'town', 'feed-left-out'], [2, 3, 6, 7, 8]),
  attempting: attempts(tries.forager, [6, 7, 8], [2, 3]),
  leaves: 'skunk',
  taking: takes({ grown: 0.3, bantam: 0.5, chicks: 3, eggs: 4, inTheOpen: 0.3 }),
};
