import { force, patience } from '../assumptions';
import { practice } from '../millimetres';
import { climbs } from '../climbing';
import { tears } from '../strength';
import { takes } from '../taking';
import { comes } from '../visiting';
import { ranging } from '../figure';
import { attempts, tries } from '../attempting';
import type { Animal } from './animal';

/** *Pekania pennanti*. */
export const fisher: Animal = {
  id: 'fisher',
  regions: ['na-north', 'na-north-east', 'na-lakes', 'na-pacific-north-west'],
  localIn: ['na-appalachia', 'na-rockies'],
  foundIn: { farm: 'passes', 'woods-edge': 'passes' },
  active: ['dusk', 'night'],
  byDayIn: [4, 5, 6, 7],
  concerns: 'any-flock',
  exclusion: {
    passes: practice(60, 'About 60–75 mm.'),
    used: ranging(practice(25.4, 'Mesh of 1 in or less; passes about 60–75 mm.'), 25, 60),
    strict: practice(25),
  },
  climbs: climbs.anything,
  leap: practice(1500),
  tears: tears.lightMesh,
  dexterity: { pushes: false, motions: [], force: force(30) },
  patience: patience(60),
  coming: comes('passes', ['woods'], [3, 4, 5]),
  attempting: attempts(tries.searcher, [4, 5, 6], [2, 3]),
  leaves: 'marten',
  taking: takes({ grown: 3, bantam: 3, chicks: 5, eggs: 1, inTheOpen: 1 }),
};
