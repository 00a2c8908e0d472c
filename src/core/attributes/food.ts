/** Food lying about, which calls rats. */
import { always, choiceCheck } from './attribute';
import { noIsBest } from './answers';

/** Whether food lies about that draws animals. */
export const food = choiceCheck('place', {
  choices: noIsBest,
  better: noIsBest,
  toSeeTo: 'yes',
  asked: { section: () => 'distance', when: always },
  shortWalks: [],
});
