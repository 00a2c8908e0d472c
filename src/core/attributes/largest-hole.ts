/** Largest hole anywhere in the bay. */
import { seenInCover } from '../tables/lifespans';
import { always, amount } from './attribute';
import { usualGaps, widestGap } from './limits';
import { field } from './paths';

/** Largest hole, mm, in a bay’s cover. */
export const largestHole = amount('bay', {
  unit: 'mm',
  better: 'less',
  limits: [0, widestGap],
  usual: usualGaps,
  asked: { when: always },
  shortWalks: ['storm', 'loss'],
  wears: true,
  isAlike: true,
  looksAt: seenInCover,
  spots: ['hole'],
  isUnreadWithout: always,
  bears: 'hole',
  path: field('largestHole'),
});
