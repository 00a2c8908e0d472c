import { force, patience } from '../assumptions';
import { practice } from '../millimetres';
import { enough, strongDeepOrOut } from '../digging';
import { climbs, highByAssumption } from '../climbing';
import { assumedWires, noseStrand, shocks } from '../shocking';
import { tears } from '../strength';
import { takes } from '../taking';
import { comes } from '../visiting';
import { ranging } from '../figure';
import { attempts, tries } from '../attempting';
import { allOf } from '../regions';
import type { Animal } from './animal';

const closure = practice(50, 'Openings of 50 mm or less; a grown badger needs about 100–130 mm.');

/** *Meles meles*. */
export const europeanBadger: Animal = {
  id: 'european-badger',
  regions: allOf('gb', 'ie', 'eu'),
  foundIn: {
    suburb: 'passes',
    village: 'weekly',
    farm: 'weekly',
    'woods-edge': 'weekly',
    water: 'passes',
  },
  active: ['dusk', 'night'],
  concerns: 'any-flock',
  exclusion: {
    passes: practice(115, 'A grown badger needs about 100–130 mm.'),
    used: ranging(closure, 50, 100),
    strict: closure,
  },
  digs: [
    enough(500, 300, 'ha59', '500–600 mm down with a return of 300.', [500, 600]),
    ...strongDeepOrOut(1000, 1000),
  ],
  digsAs: 'strong',
  climbs: climbs.clambers,
  leap: practice(1000, 'Clambers about 1 m; a poor jumper.'),
  tears: tears.fixings,
  over: [highByAssumption(1300, 'Clambers about 1 m and a little more.')],
  shocked: shocks(4, assumedWires(100, 200, 300), noseStrand),
  dexterity: { pushes: true, motions: [], force: force(150) },
  patience: patience(90),
  coming: comes('weekly', ['woods', 'farmland'], [6, 7, 8], { seldom: [12, 1] }),
  attempting: attempts(tries.digger, [], [6, 7, 8]),
  leaves: 'badger',
  taking: takes({ grown: 1.5, bantam: 2, chicks: 4, eggs: 4, inTheOpen: 1, feed: true }),
};
