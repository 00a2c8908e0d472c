/** Whether the fence is on again after going in. */
import { yesNo } from '../place/bay';
import { always, choiceCheck } from './attribute';

/** Whether the energizer is on. */
export const switchedOn = choiceCheck('fence', {
  choices: yesNo,
  better: yesNo,
  toSeeTo: 'no',
  asked: { section: () => 'fence', when: always },
  shortWalks: ['fence', 'storm', 'loss', 'moved', 'earth', 'battery'],
});
