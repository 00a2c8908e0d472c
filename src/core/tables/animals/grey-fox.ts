import { force, patience, slotNote } from '../assumptions';
import { assumed, practice, published } from '../millimetres';
import { deepOrOut, enough } from '../digging';
import { climbs } from '../climbing';
import { muzzle } from '../reaching';
import { noseStrand, shocks, wires } from '../shocking';
import { tears } from '../strength';
import { takes } from '../taking';
import { comes } from '../visiting';
import { ranging } from '../figure';
import { attempts, tries } from '../attempting';
import type { Animal } from './animal';

/** *Urocyon cinereoargenteus*: a fox that climbs. */
export const greyFox: Animal = {
  id: 'grey-fox',
  regions: [
    'na-north-east',
    'na-appalachia',
    'na-south-east',
    'na-lakes',
    'na-south-west',
    'na-california',
  ],
  foundIn: {
    suburb: 'passes',
    village: 'passes',
    farm: 'passes',
    'woods-edge': 'weekly',
    water: 'passes',
  },
  active: ['dusk', 'night'],
  byDayIn: [4, 5, 6, 7],
  concerns: 'any-flock',
  exclusion: {
    passes: assumed(90, 'Smaller than the red fox, which needs about 100 mm.'),
    slot: assumed(64, slotNote),
    used: ranging(published(76.2, 'pcwd-foxes', 'As the red fox: openings under 3 in.'), 75, 100),
    strict: practice(75, 'The metric size under 3 in.'),
  },
  digs: [enough(305, 305, 'pcwd-foxes', 'As the red fox; digs less.'), ...deepOrOut(450, 450)],
  climbs: climbs.anything,
  leap: practice(1800, 'Climbs trees as well.'),
  tears: tears.hex,
  reaches: muzzle(),
  shocked: shocks(4, wires('pcwd-foxes', 152, 305, 457), noseStrand),
  dexterity: { pushes: true, motions: [], force: force(60) },
  patience: patience(45),
  coming: comes('passes', ['woods', 'cover'], [3, 4, 5, 6, 7]),
  attempting: attempts(tries.hunter, [4, 5, 6, 7], [1, 2]),
  leaves: 'fox',
  taking: takes({ grown: 2, bantam: 2, chicks: 4, eggs: 1, inTheOpen: 1 }),
};
