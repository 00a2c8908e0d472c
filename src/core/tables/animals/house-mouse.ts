import { force, patience } from '../assumptions';
import { assumed, practice, published } from '../millimetres';
import { climbs } from '../climbing';
import { tears, gnaws } from '../strength';
import { takes } from '../taking';
import { comes } from '../visiting';
import { ranging } from '../figure';
import { attempts, tries } from '../attempting';
import { allOf } from '../regions';
import type { Animal } from './animal';

/** *Mus musculus*. */
export const houseMouse: Animal = {
  id: 'house-mouse',
  regions: allOf('gb', 'ie', 'eu', 'na', 'au', 'nz'),
  foundIn: {
    street: 'most-nights',
    suburb: 'most-nights',
    village: 'most-nights',
    farm: 'most-nights',
    'woods-edge': 'most-nights',
    water: 'most-nights',
  },
  active: ['dusk', 'night'],
  concerns: 'feed-only',
  exclusion: {
    passes: assumed(8, 'A grown mouse passes where a pencil does.'),
    used: ranging(
      published(
        6.4,
        'bbt',
        '¼ in; British practice says 5–6 mm. ¼ in 23-gauge mesh clears 5.69 mm.',
      ),
      5,
      6.4,
    ),
    strict: practice(5, 'The lower British figure.'),
  },
  climbs: climbs.anything,
  leap: published(305, 'pcwd-mice', '12 in.'),
  tears: gnaws(tears.netting),
  dexterity: { pushes: false, motions: [], force: force(2) },
  patience: patience(240),
  coming: comes('most-nights', ['feed-left-out', 'farmland'], [9, 10, 11]),
  attempting: attempts(tries.lodger),
  leaves: 'rat',
  taking: takes({ grown: 0, bantam: 0, chicks: 0.02, eggs: 0, inTheOpen: 0, feed: true }),
};
