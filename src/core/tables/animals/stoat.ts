import { force, patience } from '../assumptions';
import { practice, published } from '../millimetres';
import { assumedDeepOrOut, enough } from '../digging';
import { climbs } from '../climbing';
import { tears } from '../strength';
import { takes } from '../taking';
import { comes } from '../visiting';
import { ranging } from '../figure';
import { attempts, tries } from '../attempting';
import { allBut, allOf } from '../regions';
import type { Animal } from './animal';

/** *Mustela erminea*. */
export const stoat: Animal = {
  id: 'stoat',
  regions: [
    ...allOf('gb', 'ie', 'nz'),
    ...allBut('eu', 'eu-south-west', 'eu-south-east'),
    'na-north',
    'na-north-east',
    'na-lakes',
    'na-rockies',
    'na-pacific-north-west',
  ],
  localIn: ['eu-south-west', 'eu-south-east'],
  foundIn: {
    suburb: 'passes',
    village: 'passes',
    farm: 'passes',
    'woods-edge': 'passes',
    water: 'passes',
  },
  active: ['day', 'dusk', 'night'],
  concerns: 'any-flock',
  exclusion: {
    passes: practice(20, 'Small ones pass about 20 mm.'),
    used: ranging(
      published(
        12.7,
        'pcwd-weasels',
        '½ in. The same chapter also prints 1 in, which looks too loose for small females (they pass about 20 mm).',
      ),
      12,
      20,
    ),
    strict: published(12, 'clapperton-day', 'Upper end of the 6–12 mm mesh of New Zealand fences.'),
  },
  digs: [
    enough(0, 300, 'dm-fences', 'Skirt of 300–400 mm, pinned or buried.'),
    ...assumedDeepOrOut(300, 400),
  ],
  digsAs: 'follows',
  climbs: climbs.anything,
  leap: practice(600),
  tears: tears.netting,
  dexterity: { pushes: false, motions: [], force: force(5) },
  patience: patience(45),
  coming: comes('passes', ['stone-walls', 'farmland', 'cover'], [5, 6, 7, 8]),
  attempting: attempts(tries.searcher, [5, 6, 7], [2, 3]),
  leaves: 'weasel',
  taking: takes({ grown: 1.5, bantam: 3, chicks: 8, eggs: 2, inTheOpen: 0.5 }),
};
