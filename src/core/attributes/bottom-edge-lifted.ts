/** The gap under the sill with the bottom edge lifted by hand midway between posts. */
import { standsOnEarth } from '../place/ground-line';
import { amount } from './attribute';
import { usualGaps, widestGap } from './limits';
import { ofGround } from './paths';

/** Gap, mm, under the bottom edge when it is lifted by hand. */
export const bottomEdgeLifted = amount('bay', {
  unit: 'mm',
  better: 'less',
  limits: [0, widestGap],
  usual: usualGaps,
  asked: { when: ({ ground }) => standsOnEarth(ground), before: 'mesh' },
  shortWalks: ['storm', 'loss', 'moved'],
  ofFrame: 'moved',
  wears: true,
  isAlike: true,
  looksAt: [],
  spots: ['ground'],
  isUnreadWithout: ({ ground }) => ground !== undefined,
  bears: 'slot',
  path: ofGround('gapLifted'),
});
