/** Line potential read on a strand in one bay. No walk asks it: it is read where the volts are in doubt. */
import { amount, never, onlyOfMends } from './attribute';
import { mostVolts, usualVolts } from './limits';
import { field } from './paths';

/** Potential, kV, of a strand read at its bay. */
export const bayVolts = amount('strand', {
  unit: 'kV',
  better: 'more',
  limits: [0, mostVolts],
  usual: usualVolts,
  asked: onlyOfMends,
  shortWalks: [],
  wears: true,
  isAlike: false,
  looksAt: [],
  spots: [],
  isUnreadWithout: never,

  path: field('volts'),
});
