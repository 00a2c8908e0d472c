import { force, patience } from '../assumptions';
import { assumed, practice } from '../millimetres';
import { climbs } from '../climbing';
import { beakOrFoot } from '../reaching';
import { tears } from '../strength';
import { takes } from '../taking';
import { comes } from '../visiting';
import { attempts, tries } from '../attempting';
import type { Animal } from './animal';

/** *Haliaeetus leucocephalus*, for eagles of its size. */
export const baldEagle: Animal = {
  id: 'bald-eagle',
  regions: [
    'na-north',
    'na-north-east',
    'na-appalachia',
    'na-south-east',
    'na-lakes',
    'na-rockies',
    'na-pacific-north-west',
  ],
  localIn: ['na-plains', 'na-california'],
  foundIn: { water: 'passes' },
  active: ['day'],
  concerns: 'any-flock',
  exclusion: {
    passes: assumed(150, 'Ten times as heavy as an owl that boxes let in by 95 × 114 mm.'),
    used: practice(51, 'Netting of 2 in or less.'),
    strict: practice(50),
  },
  flies: true,
  climbs: climbs.nothing,
  leap: assumed(0, 'It flies.'),
  tears: tears.nothing,
  reaches: beakOrFoot(51),
  dexterity: { pushes: false, motions: [], force: force(20) },
  patience: patience(5),
  coming: comes('passes', ['water']),
  attempting: attempts(tries.striker, [4, 5, 6], [12, 1, 2]),
  leaves: 'hawk',
  taking: takes({ grown: 1, bantam: 1, chicks: 1, eggs: 0, inTheOpen: 1 }),
};
