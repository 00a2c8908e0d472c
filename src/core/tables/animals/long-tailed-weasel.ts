import { force, patience } from '../assumptions';
import { practice, published } from '../millimetres';
import { climbs } from '../climbing';
import { tears } from '../strength';
import { takes } from '../taking';
import { comes } from '../visiting';
import { ranging } from '../figure';
import { attempts, tries } from '../attempting';
import { allBut } from '../regions';
import type { Animal } from './animal';

/** *Mustela frenata*. */
export const longTailedWeasel: Animal = {
  id: 'long-tailed-weasel',
  regions: allBut('na', 'na-north', 'na-south-west'),
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
    passes: practice(20, 'A female passes about 20 mm.'),
    used: ranging(
      published(
        12.7,
        'pcwd-weasels',
        '½ in. The same chapter also prints 1 in; a female passes about 20 mm.',
      ),
      12,
      20,
    ),
    strict: practice(12, 'The metric size under ½ in.'),
  },
  climbs: climbs.anything,
  leap: practice(600),
  tears: tears.netting,
  dexterity: { pushes: false, motions: [], force: force(5) },
  patience: patience(45),
  coming: comes('passes', ['stone-walls', 'farmland', 'cover'], [5, 6, 7, 9, 10]),
  attempting: attempts(tries.searcher, [5, 6, 7], [2, 3]),
  leaves: 'weasel',
  taking: takes({ grown: 1.5, bantam: 3, chicks: 8, eggs: 1, inTheOpen: 0.5 }),
};
