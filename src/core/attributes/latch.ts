/** What holds an opening shut. */
import { fittedLatchIds } from '../place/bay';
import { always, choice } from './attribute';
import { field } from './paths';

/** What holds an opening shut. */
export const latch = choice('latch', {
  choices: fittedLatchIds,
  better: 'none',
  asked: { when: (_latch, { opening }) => opening?.isLatched === true },
  shortWalks: ['loss'],
  wears: false,
  isAlike: false,
  looksAt: [],
  spots: ['latch'],
  isUnreadWithout: always,

  path: field('kind'),
});
