import { force, patience } from '../assumptions';
import { practice } from '../millimetres';
import { climbs } from '../climbing';
import { tears } from '../strength';
import { takes } from '../taking';
import { comes } from '../visiting';
import { ranging } from '../figure';
import { attempts, tries } from '../attempting';
import { allBut } from '../regions';
import type { Animal } from './animal';

/** *Martes foina*. */
export const stoneMarten: Animal = {
  id: 'stone-marten',
  regions: allBut('eu', 'eu-north'),
  localIn: ['eu-north', 'na-lakes'],
  foundIn: {
    street: 'weekly',
    suburb: 'weekly',
    village: 'weekly',
    farm: 'weekly',
    'woods-edge': 'passes',
    water: 'passes',
  },
  active: ['night'],
  byDayIn: [6, 7, 8],
  concerns: 'any-flock',
  exclusion: {
    passes: practice(50, 'A round hole of about 50 mm.'),
    used: ranging(practice(30, 'Mesh of 25–30 mm or less; a round hole takes about 50.'), 25, 50),
    strict: practice(25),
  },
  climbs: climbs.anything,
  leap: practice(1500),
  tears: tears.hex,
  dexterity: { pushes: false, motions: [], force: force(20) },
  patience: patience(60),
  coming: comes('weekly', ['town', 'farmland', 'stone-walls'], [5, 6, 7, 8, 9]),
  attempting: attempts(tries.searcher, [5, 6, 7], [2, 3]),
  leaves: 'marten',
  taking: takes({ grown: 4, bantam: 5, chicks: 6, eggs: 4, inTheOpen: 1 }),
};
