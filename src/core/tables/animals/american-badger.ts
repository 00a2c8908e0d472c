import { force, patience } from '../assumptions';
import { assumed, practice } from '../millimetres';
import { deepOrOut, enough } from '../digging';
import { climbs } from '../climbing';
import { assumedWires, noseStrand, shocks } from '../shocking';
import { tears } from '../strength';
import { takes } from '../taking';
import { comes } from '../visiting';
import { attempts, tries } from '../attempting';
import type { Animal } from './animal';

/** *Taxidea taxus*. */
export const americanBadger: Animal = {
  id: 'american-badger',
  regions: ['na-plains', 'na-lakes', 'na-rockies', 'na-south-west', 'na-california'],
  foundIn: { farm: 'passes' },
  active: ['night'],
  concerns: 'any-flock',
  exclusion: {
    passes: assumed(100, 'As the European badger or a little less.'),
    used: practice(50, 'Openings of 50 mm or less.'),
    strict: practice(50),
  },
  digs: [enough(457, 0, 'pcwd-badgers', '12–18 in down.', [305, 457]), ...deepOrOut(610, 610)],
  digsAs: 'strong',
  climbs: climbs.nothing,
  leap: practice(300, 'A poor climber.'),
  tears: tears.lightMesh,
  shocked: shocks(4, assumedWires(100, 200, 300), noseStrand),
  dexterity: { pushes: true, motions: [], force: force(150) },
  patience: patience(90),
  coming: comes('passes', ['farmland'], [6, 7, 8], { seldom: [12, 1] }),
  attempting: attempts(tries.digger, [6, 7]),
  leaves: 'badger',
  taking: takes({ grown: 1, bantam: 1, chicks: 3, eggs: 2, inTheOpen: 1 }),
};
