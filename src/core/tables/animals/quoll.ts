import { force, patience } from '../assumptions';
import { assumed, practice } from '../millimetres';
import { assumedDeepOrOut } from '../digging';
import { climbs } from '../climbing';
import { tears } from '../strength';
import { takes } from '../taking';
import { comes } from '../visiting';
import { attempts, tries } from '../attempting';
import type { Animal } from './animal';

/** *Dasyurus*, the larger quolls. */
export const quoll: Animal = {
  id: 'quoll',
  regions: ['au-east', 'au-south-east', 'au-tasmania'],
  localIn: ['au-tropics', 'au-south-west'],
  foundIn: { village: 'passes', farm: 'passes', 'woods-edge': 'passes', water: 'passes' },
  active: ['night'],
  concerns: 'any-flock',
  exclusion: {
    passes: assumed(40, 'No figure is known to us; as a polecat.'),
    used: practice(25, 'Mesh of 25 mm or less.'),
    strict: practice(25),
  },
  digs: assumedDeepOrOut(300, 300),
  climbs: climbs.anything,
  leap: assumed(1000),
  tears: tears.hex,
  dexterity: { pushes: false, motions: [], force: force(15) },
  patience: patience(60),
  coming: comes('passes', ['woods', 'stone-walls'], [11, 12, 1]),
  attempting: attempts(tries.searcher, [11, 12]),
  leaves: 'marten',
  taking: takes({ grown: 3, bantam: 4, chicks: 6, eggs: 2, inTheOpen: 1 }),
};
