/** How an opening stands at night by habit. Of the structure: read where a mend was to change it. */
import { habits } from '../place/bay';
import { choice, onlyOfMends } from './attribute';
import { plainOfOpening } from './paths';

/** How the birds’ door is dealt with at dusk; set by mends. */
export const habit = choice('opening', {
  choices: habits,
  better: habits,
  ...onlyOfMends,
  spots: ['habit'],
  path: plainOfOpening('habit'),
});
