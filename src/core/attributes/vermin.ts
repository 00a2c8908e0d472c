/** Feed and water open to vermin at dusk. */
import { choiceCheck } from './attribute';
import { noIsBest } from './answers';

/** Whether feed and water stand open to vermin. */
export const vermin = choiceCheck('zone', {
  choices: noIsBest,
  better: noIsBest,
  toSeeTo: 'yes',
  asked: { section: () => 'inside', when: ({ kind }) => kind === 'run' },
  shortWalks: [],
});
