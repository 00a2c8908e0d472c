/** Line potential where the line begins. */
import { always, amountCheck } from './attribute';
import { mostVolts, usualVolts } from './limits';
import { field } from './paths';

/** Line potential, kV, beside the energizer. */
export const voltsNear = amountCheck('fence', {
  unit: 'kV',
  better: 'more',
  limits: [0, mostVolts],
  usual: usualVolts,
  asked: { section: () => 'fence', when: always },
  shortWalks: ['fence'],
  path: field('near'),
});
