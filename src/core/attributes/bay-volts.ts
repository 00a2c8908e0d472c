/** Line potential read on a strand in one bay. No walk asks it: it is read where the volts are in doubt. */
import { amount, onlyOfMends } from './attribute';
import { mostVolts, usualVolts } from './limits';
import { field } from './paths';

/** Potential, kV, of a strand read at its bay. */
export const bayVolts = amount('strand', {
  unit: 'kV',
  better: 'more',
  limits: [0, mostVolts],
  usual: usualVolts,
  ...onlyOfMends,
  wears: true,
  path: field('volts'),
});
