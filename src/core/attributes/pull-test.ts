/** Widest opening at a staple line, seam, tie or corner when pulled by hand. */
import { always, amount } from './attribute';
import { usualGaps, widestGap } from './limits';
import { field } from './paths';

/** Gap, mm, that opens when the mesh is pulled by hand. */
export const pullTest = amount('bay', {
  unit: 'mm',
  better: 'less',
  limits: [0, widestGap],
  usual: usualGaps,
  asked: { when: always },
  shortWalks: ['storm', 'loss'],
  wears: true,
  isAlike: true,
  looksAt: ['posts', 'ties-in-sun', 'staples'],
  spots: ['panel'],
  isUnreadWithout: always,
  bears: 'slot',
  path: field('panelPulled'),
});
