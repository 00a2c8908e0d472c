/** Distance of a strand outward from the cover; 0 where it stands free. */
import { always, amount } from './attribute';
import { usualGaps, widestGap } from './limits';
import { field } from './paths';

/** Distance, mm, of a strand from the wall that it stands before. */
export const strandStandOff = amount('strand', {
  unit: 'mm',
  better: 'none',
  limits: [0, widestGap],
  usual: usualGaps,
  asked: { when: always },
  shortWalks: [],
  wears: false,
  isAlike: true,
  looksAt: [],
  spots: [],
  isUnreadWithout: always,

  path: field('standOff'),
});
