/** Whether a door falls shut when let go. Of the structure: read where a mend was to change it. */
import { letGos } from '../place/bay';
import { choice, onlyOfMends } from './attribute';
import { plainOfOpening } from './paths';

/** What gives way when one cord, spring or hook of an opening is gone; set by mends. */
export const letsGo = choice('opening', {
  choices: letGos,
  better: letGos,
  ...onlyOfMends,
  path: plainOfOpening('letGo'),
});
