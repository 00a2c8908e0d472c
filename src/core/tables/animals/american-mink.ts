import { force, patience } from '../assumptions';
import { practice, published } from '../millimetres';
import { assumedDeepOrOut } from '../digging';
import { climbs } from '../climbing';
import { tears } from '../strength';
import { takes } from '../taking';
import { comes } from '../visiting';
import { ranging } from '../figure';
import { attempts, tries } from '../attempting';
import { allBut, allOf } from '../regions';
import type { Animal } from './animal';

/** *Neogale vison*. */
export const americanMink: Animal = {
  id: 'american-mink',
  regions: [
    ...allOf('gb', 'ie'),
    ...allBut('eu', 'eu-south-east'),
    ...allBut('na', 'na-south-west'),
  ],
  foundIn: { farm: 'passes', water: 'weekly' },
  active: ['dusk', 'night', 'day'],
  concerns: 'any-flock',
  exclusion: {
    passes: practice(35, 'A round hole of about 35–40 mm.'),
    used: ranging(
      published(
        25.4,
        'pcwd-mink',
        'Close all openings over 1 in. A round hole takes about 35–40 mm; a long slot less.',
      ),
      25,
      35,
    ),
    strict: practice(25, 'The same inch as sold in metric mesh.'),
  },
  digs: assumedDeepOrOut(150, 300),
  digsAs: 'follows',
  climbs: climbs.anything,
  leap: practice(600),
  tears: tears.hex,
  dexterity: { pushes: false, motions: [], force: force(10) },
  patience: patience(60),
  coming: comes('passes', ['water'], [2, 3, 4, 9, 10, 11]),
  attempting: attempts(tries.searcher, [5, 6], [2, 3]),
  leaves: 'weasel',
  taking: takes({
    grown: 6,
    bantam: 8,
    chicks: 10,
    eggs: 1,
    inTheOpen: 2,
    note: 'Several to dozens, little eaten (assumed here as six).',
  }),
};
