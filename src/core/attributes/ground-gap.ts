/** Widest gap between sill and ground, at rest. */
import { standsOnEarth } from '../place/ground-line';
import { amount } from './attribute';
import { usualGaps, widestGap } from './limits';
import { ofGround } from './paths';

/** Gap, mm, between ground and bottom edge. */
export const groundGap = amount('bay', {
  unit: 'mm',
  better: 'less',
  limits: [0, widestGap],
  usual: usualGaps,
  asked: { when: ({ ground }) => standsOnEarth(ground), before: 'mesh' },
  shortWalks: ['loss', 'moved'],
  ofFrame: 'moved',
  wears: true,
  isAlike: true,
  looksAt: ['timber-on-ground', 'posts'],
  spots: ['ground'],
  isUnreadWithout: ({ ground }) => ground !== undefined,
  bears: 'slot',
  path: ofGround('gap'),
});
