import { force, patience } from '../assumptions';
import { practice, published } from '../millimetres';
import { climbs, overhangFence } from '../climbing';
import { paw } from '../reaching';
import { assumedWires, noseStrand, shocks } from '../shocking';
import { tears } from '../strength';
import { takes } from '../taking';
import { comes } from '../visiting';
import { ranging } from '../figure';
import { attempts, tries } from '../attempting';
import { allOf } from '../regions';
import type { Animal } from './animal';

const closure = published(
  50,
  'long-robley',
  'Mesh of 50 mm or less; a grown cat’s head takes about 65–75 mm.',
);

/** *Felis catus*. */
export const domesticCat: Animal = {
  id: 'domestic-cat',
  regions: allOf('gb', 'ie', 'eu', 'na', 'au', 'nz'),
  foundIn: {
    street: 'weekly',
    suburb: 'weekly',
    village: 'weekly',
    farm: 'weekly',
    'woods-edge': 'passes',
    water: 'passes',
  },
  active: ['day', 'dusk', 'night'],
  concerns: 'any-flock',
  exclusion: {
    passes: practice(70, 'A grown cat’s head takes about 65–75 mm.'),
    used: ranging(closure, 50, 65),
    strict: closure,
  },
  climbs: climbs.anything,
  leap: published(1800, 'moseby-read'),
  tears: tears.netting,
  reaches: paw(150),
  over: [overhangFence],
  shocked: shocks(4, assumedWires(100, 200, 300), noseStrand),
  dexterity: { pushes: false, motions: [], force: force(15) },
  patience: patience(15),
  coming: comes('weekly', ['town', 'farmland']),
  attempting: attempts(tries.hunter),
  leaves: 'cat',
  taking: takes({ grown: 0.05, bantam: 0.4, chicks: 3, eggs: 0, inTheOpen: 0.3 }),
};
