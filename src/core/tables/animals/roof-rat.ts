import { force, patience } from '../assumptions';
import { practice, published } from '../millimetres';
import { climbs } from '../climbing';
import { tears, gnaws } from '../strength';
import { takes } from '../taking';
import { comes } from '../visiting';
import { ranging } from '../figure';
import { attempts, tries } from '../attempting';
import { allOf } from '../regions';
import type { Animal } from './animal';

/** *Rattus rattus*. */
export const roofRat: Animal = {
  id: 'roof-rat',
  regions: [
    'eu-south-west',
    'eu-south-east',
    'na-south-east',
    'na-south-west',
    'na-california',
    'na-pacific-north-west',
    ...allOf('au', 'nz'),
  ],
  localIn: ['gb', 'eu-west', 'eu-central'],
  foundIn: {
    street: 'weekly',
    suburb: 'weekly',
    village: 'passes',
    farm: 'passes',
    'woods-edge': 'passes',
    water: 'passes',
  },
  active: ['dusk', 'night'],
  concerns: 'any-flock',
  exclusion: {
    passes: practice(20, 'As the Norway rat.'),
    used: ranging(published(12.7, 'pcwd-rats', '½ in.'), 10, 20),
    strict: practice(10, 'British practice says 10–12 mm.'),
  },
  climbs: climbs.anything,
  leap: published(914, 'pcwd-rats'),
  tears: gnaws(tears.netting),
  dexterity: { pushes: false, motions: [], force: force(5) },
  patience: patience(240),
  coming: comes('weekly', ['feed-left-out', 'town'], [9, 10, 11]),
  attempting: attempts(tries.lodger, [], [12, 1, 2]),
  leaves: 'rat',
  taking: takes({ grown: 0.01, bantam: 0.02, chicks: 2, eggs: 3, inTheOpen: 0.01, feed: true }),
};
