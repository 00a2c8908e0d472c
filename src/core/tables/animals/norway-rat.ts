import { force, patience } from '../assumptions';
import { practice, published } from '../millimetres';
import { enough, outAlone } from '../digging';
import { climbs } from '../climbing';
import { tears, gnaws } from '../strength';
import { takes } from '../taking';
import { comes } from '../visiting';
import { ranging } from '../figure';
import { attempts, tries } from '../attempting';
import { allOf } from '../regions';
import type { Animal } from './animal';

/** *Rattus norvegicus*. */
export const norwayRat: Animal = {
  id: 'norway-rat',
  regions: allOf('gb', 'ie', 'eu', 'na', 'au', 'nz'),
  foundIn: {
    street: 'weekly',
    suburb: 'weekly',
    village: 'weekly',
    farm: 'weekly',
    'woods-edge': 'weekly',
    water: 'weekly',
  },
  active: ['dusk', 'night'],
  concerns: 'any-flock',
  exclusion: {
    passes: practice(20, 'A grown rat needs about 20–25 mm; the young, 12.'),
    used: ranging(
      published(12.7, 'bbt', '½ in keeps out young rats too; an adult needs about 20–25 mm.'),
      10,
      20,
    ),
    strict: practice(
      10,
      'British practice says 10–12 mm. ½ in 19-gauge mesh clears 11.66 mm: it meets the figure used and the upper British one only.',
    ),
  },
  digs: [
    enough(
      610,
      305,
      'bbt',
      'Curtain wall 24 in down with a foot 12 in out. It digs to 1.2 m; the foot works by where it digs, not by depth.',
    ),
    outAlone(
      600,
      'A ½ in apron so wide does for rats what it does for stoats: they dig at the wall.',
    ),
  ],
  digsAs: 'strong',
  climbs: climbs.anything,
  leap: published(914, 'pcwd-rats', '36 in, upward.'),
  tears: gnaws(tears.netting),
  dexterity: { pushes: false, motions: [], force: force(5) },
  patience: patience(240, 'Lives here and comes back every night.'),
  coming: comes('weekly', ['feed-left-out', 'farmland', 'water', 'town'], [9, 10, 11]),
  attempting: attempts(tries.lodger, [], [12, 1, 2]),
  leaves: 'rat',
  taking: takes({ grown: 0.02, bantam: 0.05, chicks: 3, eggs: 3, inTheOpen: 0.02, feed: true }),
};
