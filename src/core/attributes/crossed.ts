/** Whether the strands before a bay run on across its door: behind one that they leave out nothing is covered. */
import { yesNo } from '../place/bay';
import { choice, never } from './attribute';
import { field } from './paths';

/** Whether the line goes on across an opening, so that shutting it leaves no gap. */
export const crossed = choice('opening', {
  choices: yesNo,
  better: yesNo,
  asked: {
    when: (_opening, { bay, opening }) =>
      bay !== undefined && bay.strands.length > 0 && opening?.isFixed === false,
  },
  shortWalks: ['fence'],
  wears: true,
  isAlike: false,
  looksAt: [],
  spots: [],
  isUnreadWithout: never,

  path: field('crossed'),
});
