/** What feeds the energizer. */
import { always, choiceCheck } from './attribute';

export const battery = choiceCheck('fence', {
  choices: ['mains', 'full', 'low'],
  better: ['mains', 'full', 'low'],
  toSeeTo: 'low',
  asked: { section: () => 'fence', when: always },
  shortWalks: [],
});
