import { force, patience } from '../assumptions';
import { assumed, practice } from '../millimetres';
import { assumedDeepOrOut } from '../digging';
import { climbs } from '../climbing';
import { tears } from '../strength';
import { takes } from '../taking';
import { comes } from '../visiting';
import { attempts, tries } from '../attempting';
import type { Animal } from './animal';

/** *Varanus*, the larger monitors. */
export const goanna: Animal = {
  id: 'goanna',
  regions: ['au-tropics', 'au-east', 'au-south-east', 'au-south-west'],
  foundIn: {
    suburb: 'passes',
    village: 'passes',
    farm: 'weekly',
    'woods-edge': 'weekly',
    water: 'passes',
  },
  active: ['day'],
  concerns: 'any-flock',
  exclusion: {
    passes: assumed(50, 'A grown one is as thick as a wrist; the young pass less.'),
    used: practice(25, 'Mesh of 25 mm or less.'),
    strict: practice(25),
  },
  digs: assumedDeepOrOut(450, 450),
  climbs: climbs.anything,
  leap: practice(0, 'Climbs; does not jump.'),
  tears: tears.hex,
  dexterity: { pushes: false, motions: [], force: force(20) },
  patience: patience(60),
  coming: comes('weekly', ['woods', 'feed-left-out'], [4, 5, 6], { away: [11, 12, 1, 2] }),
  attempting: attempts(tries.forager),
  leaves: 'snake',
  taking: takes({ grown: 0.2, bantam: 0.5, chicks: 3, eggs: 4, inTheOpen: 0.3 }),
};
