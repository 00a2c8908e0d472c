import { force, patience } from '../assumptions';
import { practice } from '../millimetres';
import { climbs } from '../climbing';
import { tears } from '../strength';
import { takes } from '../taking';
import { comes } from '../visiting';
import { ranging } from '../figure';
import { attempts, tries } from '../attempting';
import { allOf } from '../regions';
import type { Animal } from './animal';

/** *Martes martes*. */
export const pineMarten: Animal = {
  id: 'pine-marten',
  regions: allOf('gb', 'ie', 'eu'),
  foundIn: { village: 'passes', farm: 'passes', 'woods-edge': 'passes' },
  active: ['dusk', 'night'],
  byDayIn: [5, 6, 7, 8],
  concerns: 'any-flock',
  exclusion: {
    passes: practice(45, 'About 45 mm.'),
    used: ranging(practice(25.4, 'Mesh of 25 mm or less; passes about 45 mm.'), 25, 45),
    strict: practice(25),
  },
  climbs: climbs.anything,
  leap: practice(1800),
  tears: tears.hex,
  dexterity: { pushes: false, motions: [], force: force(20) },
  patience: patience(60),
  coming: comes('passes', ['woods'], [5, 6, 7, 8]),
  attempting: attempts(tries.searcher, [5, 6, 7], [2, 3]),
  leaves: 'marten',
  taking: takes({ grown: 4, bantam: 5, chicks: 6, eggs: 3, inTheOpen: 1 }),
};
