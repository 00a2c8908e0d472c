import { force, patience, weight } from '../assumptions';
import { practice } from '../millimetres';
import { assumedDeepOrOut } from '../digging';
import type { Animal } from './animal';

export const polecat: Animal = {
  id: 'polecat',
  regions: ['gb', 'eu', 'nz'],
  active: ['night'],
  concerns: 'any-flock',
  closure: {
    used: practice(25.4, '25 mm; a male passes about 40–50. Ferrets run wild in New Zealand.'),
    strict: practice(25),
  },
  digs: assumedDeepOrOut(300, 300),
  climbs: 'clambers',
  leap: practice(600),
  hands: { pushes: false, motions: [], force: force(10) },
  patience: patience(60),
  weight: weight(7, 'Kills many.'),
};
