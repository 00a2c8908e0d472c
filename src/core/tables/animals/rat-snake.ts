import { force, patience } from '../assumptions';
import { practice, published } from '../millimetres';
import { climbs, highEnough, leaning } from '../climbing';
import { tears } from '../strength';
import { takes } from '../taking';
import { comes } from '../visiting';
import { ranging } from '../figure';
import { attempts, tries } from '../attempting';
import type { Animal } from './animal';

/** *Pantherophis*, the larger rat snakes. */
export const ratSnake: Animal = {
  id: 'rat-snake',
  regions: [
    'na-north-east',
    'na-appalachia',
    'na-south-east',
    'na-lakes',
    'na-plains',
    'na-south-west',
    'na-california',
  ],
  localIn: ['na-rockies', 'na-pacific-north-west'],
  foundIn: {
    suburb: 'passes',
    village: 'passes',
    farm: 'passes',
    'woods-edge': 'passes',
    water: 'passes',
  },
  active: ['day', 'dusk', 'night'],
  concerns: 'chicks',
  exclusion: {
    passes: practice(12.7, 'Grown ones pass about 12.7–25 mm; hatchlings less.'),
    used: ranging(
      published(6.4, 'pcwd-snakes', '¼ in mesh; adults pass about 12.7–25 mm.'),
      6,
      12.7,
    ),
    strict: practice(6, 'The metric size under ¼ in.'),
  },
  climbs: climbs.anything,
  leap: practice(0, 'Climbs; does not jump.'),
  tears: tears.nothing,
  over: [
    leaning(
      highEnough(
        762,
        0,
        'pcwd-snakes',
        '36 in of ¼ in mesh, 6 in of it buried, leaning outward 30 degrees.',
      ),
      30,
    ),
  ],
  dexterity: { pushes: false, motions: [], force: force(3) },
  patience: patience(120),
  coming: comes('passes', ['cover', 'stone-walls', 'feed-left-out'], [5, 6], {
    away: [11, 12, 1, 2, 3],
  }),
  attempting: attempts(tries.lodger),
  leaves: 'snake',
  taking: takes({ grown: 0, bantam: 0, chicks: 2, eggs: 3, inTheOpen: 0 }),
};
