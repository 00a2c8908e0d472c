import { force, patience, slotNote } from '../assumptions';
import { assumed, practice } from '../millimetres';
import { deepOrOut } from '../digging';
import { climbs, highByPractice } from '../climbing';
import { muzzle } from '../reaching';
import { assumedWires, noseStrand, shocks } from '../shocking';
import { tears } from '../strength';
import { takes } from '../taking';
import { comes } from '../visiting';
import { ranging } from '../figure';
import { attempts, tries } from '../attempting';
import { allOf } from '../regions';
import type { Animal } from './animal';

/** *Canis familiaris*, loose or straying. */
export const domesticDog: Animal = {
  id: 'domestic-dog',
  regions: allOf('gb', 'ie', 'eu', 'na', 'au', 'nz'),
  foundIn: {
    street: 'passes',
    suburb: 'passes',
    village: 'passes',
    farm: 'passes',
    'woods-edge': 'passes',
    water: 'passes',
  },
  active: ['day', 'dusk'],
  concerns: 'any-flock',
  exclusion: {
    passes: assumed(130, 'Depends on the breed: a small terrier passes 100 mm, few dogs less.'),
    slot: assumed(80, slotNote),
    used: ranging(practice(100, 'Depends on the breed; 100 mm assumed.'), 50, 100),
    strict: practice(50, 'Small terriers.'),
  },
  digs: deepOrOut(305, 305),
  // Some climb chain link; the usual fence is high enough against those as well.
  digsAs: 'strong',
  climbs: climbs.wire,
  leap: ranging(practice(1800, 'Jumps to 1.5–1.8 m; the usual fence is 1.8 m.'), 1500, 1800),
  tears: tears.fixings,
  reaches: muzzle(100),
  over: [highByPractice(1829, '6 ft, bottom secured.')],
  shocked: shocks(4, assumedWires(152, 305, 457), noseStrand),
  dexterity: { pushes: true, motions: ['lift', 'pull'], force: force(200) },
  patience: patience(20),
  coming: comes('passes', ['dogs', 'town']),
  attempting: attempts(tries.hunter),
  leaves: 'dog',
  taking: takes({
    grown: 4,
    bantam: 4,
    chicks: 5,
    eggs: 1,
    inTheOpen: 3,
    note: 'Many mauled, little eaten (assumed here as four).',
  }),
};
