/** Whether a person who is shut in gets out. */
import { yesNo } from '../place/bay';
import { choiceCheck } from './attribute';

/** Whether a person who is shut in gets out. */
export const wayOut = choiceCheck('zone', {
  choices: yesNo,
  better: yesNo,
  toSeeTo: 'no',
  asked: {
    section: ({ kind }) => (kind === 'run' ? 'inside' : 'house'),
    when: ({ kind }, { zone }) => (kind === 'run' || kind === 'house') && zone?.hasDoor === true,
  },
  shortWalks: [],
});
