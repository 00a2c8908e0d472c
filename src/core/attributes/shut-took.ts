/** Minutes from the first door to the last. */
import { always, amountCheck } from './attribute';
import { longestRound } from './limits';

/** Minutes that shutting up took, this evening. */
export const shutTook = amountCheck('flock', {
  unit: 'min',
  better: 'none',
  limits: [0, longestRound],
  usual: [2, 5, 10, 15, 20],
  asked: { section: () => 'shut', when: always },
  shortWalks: [],
});
