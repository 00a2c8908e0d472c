/** How a bay’s top edge ends. Of the structure: read where a mend was to change it, and only by a reading that is sure. */
import { topKinds, type TopKind } from '../place/bay';
import { is, isKnown } from '../place/possible';
import { choice, onlyOfMends } from './attribute';

/** How a wall’s top edge ends; set by mends. */
export const topEdge = choice('bay', {
  choices: topKinds,
  better: 'none',
  ...onlyOfMends,
  spots: ['top'],
  path: {
    get: ({ top }) => is<TopKind>(top.kind),
    set: (bay, value) =>
      isKnown<TopKind>(value) ? { ...bay, top: { ...bay.top, kind: value.is } } : bay,
  },
});
