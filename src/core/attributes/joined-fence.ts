/** Whether the strand is part of a longer fence. */
import { always, choiceCheck } from './attribute';
import { noIsBest } from './answers';

export const joinedFence = choiceCheck('fence', {
  choices: noIsBest,
  better: noIsBest,
  toSeeTo: 'yes',
  asked: { section: () => 'fence', when: always },
  shortWalks: [],
});
