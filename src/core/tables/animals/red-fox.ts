import { force, patience, slotNote } from '../assumptions';
import { assumed, practice, published } from '../millimetres';
import { deepOrOut, enough } from '../digging';
import { climbs, overhangFence } from '../climbing';
import { muzzle } from '../reaching';
import { noseStrand, shocks, wires } from '../shocking';
import { tears } from '../strength';
import { takes } from '../taking';
import { comes } from '../visiting';
import { ranging } from '../figure';
import { attempts, tries } from '../attempting';
import { allBut, allOf } from '../regions';
import type { Animal } from './animal';

/** *Vulpes vulpes*. */
export const redFox: Animal = {
  id: 'red-fox',
  regions: [
    ...allOf('gb', 'ie', 'eu'),
    ...allBut('na', 'na-south-west'),
    ...allBut('au', 'au-tasmania', 'au-tropics'),
  ],
  foundIn: {
    street: 'weekly',
    suburb: 'weekly',
    village: 'weekly',
    farm: 'weekly',
    'woods-edge': 'weekly',
    water: 'passes',
  },
  active: ['dusk', 'night'],
  byDayIn: [4, 5, 6, 7],
  concerns: 'any-flock',
  exclusion: {
    passes: practice(100, 'A grown fox needs about 100 mm; a cub less.'),
    slot: assumed(64, slotNote),
    used: ranging(
      published(
        76.2,
        'pcwd-foxes',
        'Openings under 3 in. An adult needs about 100 mm, a cub less; Australian fences go to 80 mm.',
      ),
      75,
      100,
    ),
    // “Under 3 in” has no largest value: the metric size below it is what mends are made to.
    strict: practice(75, 'The metric size under 3 in.'),
  },
  digs: [
    enough(305, 305, 'pcwd-foxes', '12–24 in down and at least 12 in out.', [305, 610]),
    ...deepOrOut(450, 450),
  ],
  digsAs: 'strong',
  climbs: climbs.wire,
  leap: published(
    1800,
    'moseby-read',
    'Scrambling; the tested fence is 1.8 m with a 600 mm overhang.',
  ),
  tears: tears.hex,
  reaches: muzzle(),
  over: [overhangFence],
  shocked: shocks(4, wires('pcwd-foxes', 152, 305, 457), noseStrand),
  dexterity: { pushes: true, motions: [], force: force(60) },
  patience: patience(45),
  coming: comes('weekly', ['woods', 'town', 'farmland', 'cover'], [3, 4, 5, 6, 7]),
  attempting: attempts(tries.hunter, [4, 5, 6, 7], [1, 2]),
  leaves: 'fox',
  taking: takes({
    grown: 4,
    bantam: 5,
    chicks: 6,
    eggs: 1,
    inTheOpen: 1,
    note: 'One is carried when nothing disturbs it; shut in with a flock it kills on (assumed here as four).',
  }),
};
