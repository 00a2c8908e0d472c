import { force, patience } from '../assumptions';
import { practice, published } from '../millimetres';
import { deepOrOut, enough } from '../digging';
import { climbs, highEnough } from '../climbing';
import { muzzle } from '../reaching';
import { assumedWires, noseStrand, shocks } from '../shocking';
import { tears } from '../strength';
import { takes } from '../taking';
import { comes } from '../visiting';
import { ranging } from '../figure';
import { attempts, tries } from '../attempting';
import { allOf } from '../regions';
import type { Animal } from './animal';

/** *Canis latrans*. */
export const coyote: Animal = {
  id: 'coyote',
  regions: allOf('na'),
  foundIn: {
    suburb: 'passes',
    village: 'passes',
    farm: 'weekly',
    'woods-edge': 'weekly',
    water: 'passes',
  },
  active: ['day', 'dusk', 'night'],
  concerns: 'any-flock',
  exclusion: {
    passes: practice(
      150,
      'A grown one needs about 100–150 mm; published sheep wire of 152 × 102 mm keeps it out.',
    ),
    used: ranging(
      practice(
        50.8,
        'Poultry mesh of 2 in or less. An adult needs about 100–150 mm; published sheep wire is 152 × 102 mm.',
      ),
      50.8,
      100,
    ),
    strict: practice(50),
  },
  digs: [enough(0, 380, 'pcwd-coyotes', 'Apron of 15–24 in.'), ...deepOrOut(610, 610)],
  digsAs: 'strong',
  climbs: climbs.clambers,
  leap: ranging(
    published(1700, 'pcwd-coyotes', 'About 1.5–1.7 m; the published fence is 1.68 m or more.'),
    1500,
    1700,
  ),
  tears: tears.lightMesh,
  reaches: muzzle(),
  over: [highEnough(1676, 0, 'pcwd-coyotes', '5½ ft or more.')],
  shocked: shocks(4, assumedWires(152, 305, 457), noseStrand),
  dexterity: { pushes: true, motions: [], force: force(120) },
  patience: patience(45),
  coming: comes('weekly', ['farmland', 'cover', 'woods'], [4, 5, 6, 7, 8]),
  attempting: attempts(tries.hunter, [4, 5, 6, 7, 8], [1, 2]),
  leaves: 'coyote',
  taking: takes({ grown: 2, bantam: 2, chicks: 4, eggs: 1, inTheOpen: 1 }),
};
