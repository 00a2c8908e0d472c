/** Somewhere for birds to hide from above; under a whole roof nothing comes from there. */
import { yesNo } from '../place/bay';
import { choiceCheck } from './attribute';

/** Whether birds find cover from above within the run. */
export const hides = choiceCheck('zone', {
  choices: yesNo,
  better: yesNo,
  toSeeTo: 'no',
  asked: {
    section: () => 'inside',
    when: ({ kind }, { zone }) => kind === 'run' && zone?.isSeenFromAbove === true,
  },
  shortWalks: [],
});
