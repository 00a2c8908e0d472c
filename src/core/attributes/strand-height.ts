/** Height of a strand above the ground. */
import { always, amount } from './attribute';
import { highestStrand } from './limits';
import { field } from './paths';

/** Height, mm, of a strand above the ground. */
export const strandHeight = amount('strand', {
  unit: 'mm',
  better: 'none',
  limits: [0, highestStrand],
  usual: [90, 150, 200, 300, 450],
  asked: { when: always },
  shortWalks: ['moved'],
  wears: false,
  isAlike: true,
  looksAt: [],
  spots: ['strand'],
  isUnreadWithout: always,

  path: field('height'),
});
