/** What the gaps at an opening’s edges have in common: at rest all round, and at a corner when pulled. */
import { always, amount } from './attribute';
import { usualGaps, widestGap } from './limits';
import { field } from './paths';

/** A gap round a door, at rest or pulled. */
export const openingEdge = (name: 'gap' | 'gapPulled') =>
  amount('opening', {
    unit: 'mm',
    better: 'less',
    limits: [0, widestGap],
    usual: usualGaps,
    asked: { when: (_opening, { opening }) => opening?.isFixed === false },
    shortWalks: ['storm', 'loss'],
    wears: true,
    isAlike: false,
    looksAt: [],
    spots: ['edges'],
    isUnreadWithout: always,
    bears: 'slot',
    path: field(name),
  });
