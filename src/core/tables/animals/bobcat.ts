import { force, patience } from '../assumptions';
import { practice } from '../millimetres';
import { climbs } from '../climbing';
import { paw } from '../reaching';
import { assumedWires, noseStrand, shocks } from '../shocking';
import { tears } from '../strength';
import { takes } from '../taking';
import { comes } from '../visiting';
import { ranging } from '../figure';
import { attempts, tries } from '../attempting';
import { allBut } from '../regions';
import type { Animal } from './animal';

/** *Lynx rufus*. */
export const bobcat: Animal = {
  id: 'bobcat',
  regions: allBut('na', 'na-north'),
  foundIn: { farm: 'passes', 'woods-edge': 'passes', water: 'passes' },
  active: ['dusk', 'night'],
  byDayIn: [12, 1, 2, 5, 6, 7],
  concerns: 'any-flock',
  exclusion: {
    passes: practice(112, 'A grown one needs about 100–125 mm.'),
    used: ranging(
      practice(51, 'Openings of 2 in or less; an adult needs about 100–125 mm.'),
      50,
      100,
    ),
    strict: practice(50),
  },
  climbs: climbs.anything,
  leap: ranging(practice(2400, '1.8–2.4 m; wants a roof.'), 1800, 2400),
  tears: tears.lightMesh,
  reaches: paw(200),
  shocked: shocks(4, assumedWires(152, 305, 457), noseStrand),
  dexterity: { pushes: false, motions: [], force: force(30) },
  patience: patience(45),
  coming: comes('passes', ['woods', 'cover', 'stone-walls'], [12, 1, 2]),
  attempting: attempts(tries.hunter, [5, 6, 7], [12, 1, 2]),
  leaves: 'fox',
  taking: takes({ grown: 1.5, bantam: 2, chicks: 3, eggs: 0, inTheOpen: 1 }),
};
