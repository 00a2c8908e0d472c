/** Cover near the wall: what a fox could lie up in. */
import { always, choiceCheck } from './attribute';
import { noIsBest } from './answers';

/** Whether something to hide behind stands near the wall. */
export const coverNear = choiceCheck('place', {
  choices: noIsBest,
  better: noIsBest,
  toSeeTo: 'yes',
  asked: { section: () => 'distance', when: always },
  shortWalks: [],
});
