import { force, patience, slotNote } from '../assumptions';
import { assumed, practice, published } from '../millimetres';
import { assumedDeepOrOut } from '../digging';
import { climbs } from '../climbing';
import { paw } from '../reaching';
import { noseStrand, offWall, shocks, wires } from '../shocking';
import { tears } from '../strength';
import { takes } from '../taking';
import { comes } from '../visiting';
import { ranging } from '../figure';
import { attempts, tries } from '../attempting';
import { allBut } from '../regions';
import type { Animal } from './animal';

const closure = published(
  76.2,
  'pcwd-raccoons',
  '3 in; other bulletins say 4 in, so judged and designed to 3. Paws reach through far less: see “reach”.',
);

/** *Procyon lotor*. */
export const raccoon: Animal = {
  id: 'raccoon',
  regions: [...allBut('na', 'na-north'), 'eu-central'],
  localIn: ['eu-west', 'eu-east'],
  foundIn: {
    street: 'weekly',
    suburb: 'weekly',
    village: 'weekly',
    farm: 'weekly',
    'woods-edge': 'weekly',
    water: 'weekly',
  },
  active: ['dusk', 'night'],
  byDayIn: [5, 6, 7],
  concerns: 'any-flock',
  exclusion: {
    passes: practice(88, 'It passes 3–4 in; the middle of it.'),
    used: ranging(closure, 75, 100),
    strict: closure,
    slot: assumed(64, slotNote),
  },
  digs: assumedDeepOrOut(150, 300),
  climbs: climbs.anything,
  leap: ranging(practice(1200), 900, 1200),
  tears: tears.lightMesh,
  reaches: paw(300),
  shocked: shocks(
    4,
    wires('pcwd-raccoons', 152, 305),
    offWall('pcwd-raccoons', 203, 203),
    noseStrand,
  ),
  // Hook and eye, slide bolt, turn button and lever are all opened; two different motions are not
  // (common practice), which `open` computes from the motions of all latches on the door.
  dexterity: { pushes: true, motions: ['lift', 'slide', 'turn', 'pull'], force: force(40) },
  patience: patience(90, 'Comes back to the same place night after night.'),
  coming: comes('weekly', ['woods', 'water', 'town', 'feed-left-out'], [3, 4, 5, 6, 7, 8]),
  attempting: attempts(tries.forager, [4, 5, 6, 7], [2, 3]),
  leaves: 'raccoon',
  taking: takes({ grown: 2, bantam: 3, chicks: 5, eggs: 4, inTheOpen: 1, feed: true }),
};
