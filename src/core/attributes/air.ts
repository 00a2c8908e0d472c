/** Whether a house’s vents are clear. */
import { yesNo } from '../place/bay';
import { choiceCheck } from './attribute';

/** Whether a house’s vents are clear. */
export const air = choiceCheck('zone', {
  choices: yesNo,
  better: yesNo,
  toSeeTo: 'no',
  asked: { section: () => 'house', when: ({ kind }) => kind === 'house' },
  shortWalks: [],
});
