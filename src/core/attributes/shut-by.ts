/** Who or what shuts an opening. Of the structure: read where a mend was to change it. */
import { shutBys } from '../tables/shutting';
import { choice, onlyOfMends } from './attribute';
import { plainOfOpening } from './paths';

/** Who or what shuts an opening; set by mends. */
export const shutBy = choice('opening', {
  choices: shutBys,
  better: 'none',
  ...onlyOfMends,
  path: plainOfOpening('shutBy'),
});
