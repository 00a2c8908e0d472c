import { force, patience } from '../assumptions';
import { practice, published } from '../millimetres';
import { climbs } from '../climbing';
import { tears, gnaws } from '../strength';
import { takes } from '../taking';
import { comes } from '../visiting';
import { ranging } from '../figure';
import type { Animal } from './animal';

export const roofRat: Animal = {
  id: 'roof-rat',
  regions: ['eu', 'na', 'au', 'nz'],
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
  taking: takes(0.01, 0.02, 2, 3, 0.01, { feed: true }),
};
