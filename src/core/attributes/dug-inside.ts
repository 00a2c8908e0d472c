/** Fresh digging inside a run. */
import { choiceCheck } from './attribute';
import { noIsBest } from './answers';

/** Whether holes come up within the run. */
export const dugInside = choiceCheck('zone', {
  choices: noIsBest,
  better: noIsBest,
  toSeeTo: 'yes',
  asked: {
    section: () => 'inside',
    when: ({ kind }, { matters }) => kind === 'run' && matters.digging,
  },
  shortWalks: ['loss'],
});
