/** The battery at rest: two hours after it was last charged, off the energizer. */
import { amountCheck } from './attribute';
import { field } from './paths';

/** A 12 V battery that shows more is being charged; less is another kind. */
const mostRest = 16;

/** Volts of the battery at rest: what is left in it. */
export const restVolts = amountCheck('fence', {
  unit: 'V',
  better: 'more',
  limits: [0, mostRest],
  usual: [12, 12.2, 12.4, 12.6, 12.8],
  asked: { section: () => 'fence', when: ({ line }) => line?.energizer.battery !== undefined },
  shortWalks: ['fence', 'battery'],
  path: field('rest'),
});
