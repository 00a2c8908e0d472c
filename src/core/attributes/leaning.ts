/** Things leaning, stacked or growing on the wall to climb by. */
import { always, choiceCheck } from './attribute';
import { noIsBest } from './answers';

/** Whether something stands by the wall that can be climbed. */
export const leaning = choiceCheck('place', {
  choices: noIsBest,
  better: noIsBest,
  toSeeTo: 'yes',
  asked: { section: () => 'distance', when: always },
  shortWalks: ['storm'],
});
