/** How an opening stands at night by habit. Of the structure: read where a mend was to change it. */
import { habits } from '../place/bay';
import { choice, never, onlyOfMends } from './attribute';
import { plainOfOpening } from './paths';

/** How the birds’ door is dealt with at dusk; set by mends. */
export const habit = choice('opening', {
  choices: habits,
  better: habits,
  asked: onlyOfMends,
  shortWalks: [],
  wears: false,
  isAlike: false,
  looksAt: [],
  spots: ['habit'],
  isUnreadWithout: never,

  path: plainOfOpening('habit'),
});
