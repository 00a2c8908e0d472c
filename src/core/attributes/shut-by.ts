/** Who or what shuts an opening. Of the structure: read where a mend was to change it. */
import { shutBys } from '../place/bay';
import { choice, never, onlyOfMends } from './attribute';
import { plainOfOpening } from './paths';

/** Who or what shuts an opening; set by mends. */
export const shutBy = choice('opening', {
  choices: shutBys,
  better: 'none',
  asked: onlyOfMends,
  shortWalks: [],
  wears: false,
  isAlike: false,
  looksAt: [],
  spots: [],
  isUnreadWithout: never,

  path: plainOfOpening('shutBy'),
});
