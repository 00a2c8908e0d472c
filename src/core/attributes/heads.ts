/** Heads counted; belongs to no bay. */
import { always, amountCheck } from './attribute';
import { mostBirds } from './limits';

/** Birds counted in at dusk. */
export const heads = amountCheck('flock', {
  unit: 'birds',
  better: 'none',
  limits: [0, mostBirds],
  usual: [],
  asked: { section: () => 'shut', when: always },
  shortWalks: ['weak', 'storm', 'loss', 'moved'],
});
