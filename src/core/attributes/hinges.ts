/** Whether a door's hinges hold: screws tight, nothing gives at their side when pulled, no sag at the free corner. */
import { isFixed } from '../place/opening-cover';
import { swings } from '../place/opening-moves';
import { hingeStates } from '../tables/hinges';
import { choice } from './attribute';
import { field } from './paths';

/** Whether hinges are screwed tight. */
export const hinges = choice('opening', {
  choices: hingeStates,
  better: hingeStates,
  asked: { when: (it) => !isFixed(it) && swings(it) },
  shortWalks: ['storm', 'loss'],
  wears: true,
  isAlike: false,
  looksAt: [],
  spots: ['hinges'],
  isUnreadWithout: (it) => !isFixed(it) && swings(it),

  path: field('hinges'),
});
