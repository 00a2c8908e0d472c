/** How an opening stands by day. Of the structure: read where a mend was to change it. */
import { byDays } from '../place/bay';
import { choice, onlyOfMends } from './attribute';
import { plainOfOpening } from './paths';

/** Whether a door stands open by day; set by mends. */
export const byDay = choice('opening', {
  choices: byDays,
  better: 'none',
  ...onlyOfMends,
  path: plainOfOpening('byDay'),
});
