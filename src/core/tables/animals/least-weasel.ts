import { force, patience } from '../assumptions';
import { practice, published } from '../millimetres';
import { climbs } from '../climbing';
import { tears } from '../strength';
import { takes } from '../taking';
import { comes } from '../visiting';
import { ranging } from '../figure';
import { attempts, tries } from '../attempting';
import { allOf } from '../regions';
import type { Animal } from './animal';

/** *Mustela nivalis*. */
export const leastWeasel: Animal = {
  id: 'least-weasel',
  regions: [...allOf('gb', 'eu', 'nz'), 'na-north', 'na-lakes', 'na-plains', 'na-appalachia'],
  foundIn: { suburb: 'passes', village: 'passes', farm: 'passes', 'woods-edge': 'passes' },
  active: ['day', 'dusk', 'night'],
  concerns: 'chicks',
  exclusion: {
    passes: practice(15, 'About 15–20 mm; it is said, through a wedding ring.'),
    used: ranging(
      published(
        6.4,
        'pcwd-weasels',
        '¼ in where it occurs; passes about 15–20 mm, “through a wedding ring”.',
      ),
      6,
      15,
    ),
    strict: practice(6, 'The metric size under ¼ in.'),
  },
  climbs: climbs.anything,
  leap: practice(400),
  tears: tears.netting,
  dexterity: { pushes: false, motions: [], force: force(3) },
  patience: patience(30),
  coming: comes('passes', ['stone-walls', 'farmland', 'cover'], [5, 6, 7, 8]),
  attempting: attempts(tries.searcher, [5, 6, 7], [2, 3]),
  leaves: 'weasel',
  taking: takes({ grown: 0.05, bantam: 0.3, chicks: 4, eggs: 1, inTheOpen: 0.1 }),
};
