/** Feed and water open to vermin at dusk. */
import { choiceCheck } from './attribute';
import { noIsBest } from './answers';

export const vermin = choiceCheck('zone', {
  choices: noIsBest,
  better: noIsBest,
  toSeeTo: 'yes',
  asked: { section: () => 'inside', when: ({ kind }) => kind === 'run' },
  shortWalks: [],
});
