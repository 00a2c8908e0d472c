import { force, patience } from '../assumptions';
import { assumed, practice } from '../millimetres';
import { climbs, highEnough } from '../climbing';
import { tears } from '../strength';
import { takes } from '../taking';
import { comes } from '../visiting';
import { attempts, tries } from '../attempting';
import type { Animal } from './animal';

/** *Puma concolor*. */
export const cougar: Animal = {
  id: 'cougar',
  regions: ['na-rockies', 'na-south-west', 'na-california', 'na-pacific-north-west'],
  localIn: ['na-plains', 'na-south-east'],
  foundIn: { 'woods-edge': 'passes' },
  active: ['dusk', 'night'],
  concerns: 'any-flock',
  exclusion: {
    passes: assumed(170, 'No figure is known to us; more than a bobcat.'),
    used: practice(51, 'Heavy roofed mesh of 2 in or less.'),
    strict: practice(50),
  },
  climbs: climbs.anything,
  leap: practice(4600, 'About 15 ft; open pens 3 m and more.'),
  tears: tears.fixings,
  over: [highEnough(3048, 0, 'pcwd-cougars', '10 ft where it cannot be roofed.')],
  dexterity: { pushes: true, motions: [], force: force(300) },
  patience: patience(30),
  coming: comes('passes', ['woods', 'stone-walls']),
  attempting: attempts(tries.hunter, [], [1, 2]),
  leaves: 'coyote',
  taking: takes({ grown: 1.5, bantam: 2, chicks: 2, eggs: 0, inTheOpen: 1 }),
};
