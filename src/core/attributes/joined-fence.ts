/** Whether the strand is part of a longer fence. */
import { always, choiceCheck } from './attribute';
import { noIsBest } from './answers';

/** Whether the line is joined to a neighbour’s fence or to metal that is not its own. */
export const joinedFence = choiceCheck('fence', {
  choices: noIsBest,
  better: noIsBest,
  toSeeTo: 'yes',
  asked: { section: () => 'fence', when: always },
  shortWalks: [],
});
