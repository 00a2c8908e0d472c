/** A pen that has been moved: square, off its jacks, pegs and earth stake in. */
import { yesNo } from '../place/bay';
import { choiceCheck } from './attribute';

/** Whether a moving pen stands square and off its jacks. */
export const square = choiceCheck('zone', {
  choices: yesNo,
  better: yesNo,
  toSeeTo: 'no',
  asked: {
    section: () => 'inside',
    when: ({ kind, moves }) => kind === 'run' && moves !== undefined,
  },
  shortWalks: ['moved'],
});
