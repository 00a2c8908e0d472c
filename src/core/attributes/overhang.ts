/** How far an overhang or hood reaches out from the wall; none where no width is said. Of the structure, as the top edge is. */
import { is, isKnown } from '../place/possible';
import { amount, onlyOfMends } from './attribute';
import { usualSkirts, widestOverhang } from './limits';

/** How far, mm, a top edge leans or stands outward; set by mends. */
export const overhang = amount('bay', {
  unit: 'mm',
  better: 'more',
  limits: [0, widestOverhang],
  usual: usualSkirts,
  ...onlyOfMends,
  spots: ['top'],
  path: {
    get: ({ top }) => is(top.width ?? 0),
    set: (bay, value) =>
      isKnown<number>(value) ? { ...bay, top: { ...bay.top, width: value.is } } : bay,
  },
});
