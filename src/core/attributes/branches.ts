/** Branches over the run or touching the roof. */
import { always, choiceCheck } from './attribute';
import { noIsBest } from './answers';

/** Whether branches hang over run or line. */
export const branches = choiceCheck('place', {
  choices: noIsBest,
  better: noIsBest,
  toSeeTo: 'yes',
  asked: { section: () => 'distance', when: always },
  shortWalks: ['storm'],
});
