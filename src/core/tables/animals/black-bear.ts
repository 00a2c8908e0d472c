import { force, patience } from '../assumptions';
import { assumed } from '../millimetres';
import { assumedDeepOrOut } from '../digging';
import { climbs } from '../climbing';
import { shocks, wires } from '../shocking';
import { tears } from '../strength';
import { takes } from '../taking';
import { comes } from '../visiting';
import { attempts, tries } from '../attempting';
import type { Animal } from './animal';

/** *Ursus americanus*. */
export const blackBear: Animal = {
  id: 'black-bear',
  regions: ['na-north', 'na-north-east', 'na-appalachia', 'na-rockies', 'na-pacific-north-west'],
  localIn: ['na-lakes', 'na-california', 'na-south-west', 'na-south-east'],
  foundIn: { 'woods-edge': 'passes' },
  active: ['dusk', 'night'],
  concerns: 'any-flock',
  exclusion: {
    passes: assumed(250, 'A grown bear’s head; cubs pass less. It tears what it does not pass.'),
    used: assumed(
      100,
      'The opening hardly matters: it tears. Electric is the only practical barrier.',
    ),
    strict: assumed(100),
  },
  digs: assumedDeepOrOut(610, 610),
  climbs: climbs.anything,
  leap: assumed(1000),
  tears: tears.anything,
  shocked: shocks(6, wires('pcwd-bears', 254, 508, 762, 1016)),
  dexterity: { pushes: true, motions: ['pull'], force: force(1500) },
  patience: patience(90),
  coming: comes('passes', ['woods', 'feed-left-out'], [4, 5, 8, 9, 10], { away: [12, 1, 2, 3] }),
  attempting: attempts(tries.forager, [], [4, 5]),
  leaves: 'bear',
  taking: takes({ grown: 3, bantam: 3, chicks: 5, eggs: 6, inTheOpen: 2, feed: true }),
};
