import { force, patience } from '../assumptions';
import { assumed, practice } from '../millimetres';
import { climbs } from '../climbing';
import { tears } from '../strength';
import { takes } from '../taking';
import { comes } from '../visiting';
import { attempts, tries } from '../attempting';
import type { Animal } from './animal';

/** *Morelia spilota*. */
export const carpetPython: Animal = {
  id: 'carpet-python',
  regions: ['au-tropics', 'au-east', 'au-south-east', 'au-south-west'],
  foundIn: {
    suburb: 'passes',
    village: 'passes',
    farm: 'passes',
    'woods-edge': 'weekly',
    water: 'passes',
  },
  active: ['dusk', 'night'],
  concerns: 'any-flock',
  exclusion: {
    passes: assumed(25, 'Grown ones are thicker than rat snakes; hatchlings pass 6 mm.'),
    used: practice(12, '10–12 mm; hatchlings 6.'),
    strict: practice(6, 'Hatchlings.'),
  },
  climbs: climbs.anything,
  leap: practice(0, 'Climbs; does not jump.'),
  tears: tears.nothing,
  dexterity: { pushes: false, motions: [], force: force(20) },
  patience: patience(120),
  coming: comes('passes', ['woods', 'cover'], [6, 7, 8], { away: [11, 12, 1, 2, 3] }),
  attempting: attempts(tries.lodger),
  leaves: 'snake',
  taking: takes({ grown: 1, bantam: 1, chicks: 3, eggs: 2, inTheOpen: 0.5 }),
};
