import { force, patience, weight } from '../assumptions';
import { practice, published } from '../millimetres';
import { assumedDeepOrOut } from '../digging';
import type { Animal } from './animal';

const closure = published(
  76.2,
  'pcwd-raccoons',
  '3 in; other bulletins say 4 in, so judged and designed to 3. Paws reach through far less: see “reach”.',
);

export const raccoon: Animal = {
  id: 'raccoon',
  regions: ['na', 'eu'],
  active: ['dusk', 'night'],
  concerns: 'any-flock',
  closure: { used: closure, strict: closure },
  digs: assumedDeepOrOut(150, 300),
  climbs: 'well',
  leap: practice(1200),
  // Hook and eye, slide bolt, turn button and lever are all opened; two different motions are not
  // (common practice), which `open` computes from the motions of all latches on the door.
  hands: { pushes: true, motions: ['lift', 'slide', 'turn', 'pull'], force: force(40) },
  patience: patience(90, 'Comes back to the same place night after night.'),
  weight: weight(10),
};
