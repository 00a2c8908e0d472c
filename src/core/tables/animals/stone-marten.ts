import { force, patience, weight } from '../assumptions';
import { practice } from '../millimetres';
import type { Animal } from './animal';

export const stoneMarten: Animal = {
  id: 'stone-marten',
  regions: ['eu', 'na'],
  active: ['night'],
  concerns: 'any-flock',
  closure: {
    used: practice(30, 'Mesh of 25–30 mm or less; a round hole takes about 50.'),
    strict: practice(25),
  },
  climbs: 'well',
  leap: practice(1500),
  hands: { pushes: false, motions: [], force: force(20) },
  patience: patience(60),
  weight: weight(7, 'Kills many.'),
};
