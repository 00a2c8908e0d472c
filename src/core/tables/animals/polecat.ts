import { force, patience } from '../assumptions';
import { practice } from '../millimetres';
import { assumedDeepOrOut } from '../digging';
import { climbs } from '../climbing';
import { tears } from '../strength';
import { takes } from '../taking';
import { comes } from '../visiting';
import { ranging } from '../figure';
import { attempts, tries } from '../attempting';
import { allOf } from '../regions';
import type { Animal } from './animal';

/** *Mustela putorius*, and ferrets gone wild. */
export const polecat: Animal = {
  id: 'polecat',
  regions: [...allOf('gb', 'eu'), 'nz'],
  foundIn: { village: 'passes', farm: 'passes', 'woods-edge': 'passes', water: 'passes' },
  active: ['night'],
  concerns: 'any-flock',
  exclusion: {
    passes: practice(40, 'A male passes about 40–50 mm.'),
    used: ranging(
      practice(25.4, '25 mm; a male passes about 40–50. Ferrets run wild in New Zealand.'),
      25,
      40,
    ),
    strict: practice(25),
  },
  digs: assumedDeepOrOut(300, 300),
  climbs: climbs.clambers,
  leap: practice(600),
  tears: tears.hex,
  dexterity: { pushes: false, motions: [], force: force(10) },
  patience: patience(60),
  coming: comes('passes', ['farmland', 'water', 'stone-walls'], [2, 3, 9, 10]),
  attempting: attempts(tries.searcher, [5, 6, 7], [2, 3]),
  leaves: 'weasel',
  taking: takes({ grown: 5, bantam: 6, chicks: 8, eggs: 1, inTheOpen: 1 }),
};
