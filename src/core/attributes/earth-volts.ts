/** Potential of the earth stake against an independent probe. */
import { always, amountCheck } from './attribute';
import { mostVolts } from './limits';
import { field } from './paths';

/** Potential, kV, of the earth stake under load: what the ground fails to carry. */
export const earthVolts = amountCheck('fence', {
  unit: 'kV',
  better: 'less',
  limits: [0, mostVolts],
  usual: [0, 0.1, 0.2, 0.3, 0.5],
  asked: { section: () => 'fence', when: always },
  shortWalks: ['fence', 'moved', 'earth'],
  path: field('stake'),
});
