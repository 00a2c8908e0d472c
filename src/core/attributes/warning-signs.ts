/** Whether warning signs can be read from every side people come from. */
import { yesNo } from '../place/bay';
import { always, choiceCheck } from './attribute';

/** Whether signs warn of the line where people pass. */
export const warningSigns = choiceCheck('fence', {
  choices: yesNo,
  better: yesNo,
  toSeeTo: 'no',
  asked: { section: () => 'fence', when: always },
  shortWalks: [],
});
