import { force, patience, weight } from '../assumptions';
import { flies, practice } from '../millimetres';
import type { Animal } from './animal';

export const crow: Animal = {
  id: 'crow',
  regions: ['gb', 'ie', 'eu', 'na', 'au'],
  active: ['day'],
  concerns: 'chicks',
  closure: {
    used: practice(38, 'Magpies 38 mm, crows 50.'),
    strict: practice(38),
  },
  // Every band is within reach of what flies.
  climbs: 'well',
  leap: flies,
  hands: { pushes: false, motions: [], force: force(3) },
  patience: patience(10),
  weight: weight(1.5, 'Eggs and chicks.'),
};
