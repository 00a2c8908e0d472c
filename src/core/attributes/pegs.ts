/** Length of the pegs that hold a light frame down; 0: none. */
import { amount } from './attribute';
import { longestPeg, usualSkirts } from './limits';
import { ofGround } from './paths';

/** Length, mm, of the pegs that hold a frame down. */
export const pegs = amount('bay', {
  unit: 'mm',
  better: 'more',
  limits: [0, longestPeg],
  usual: usualSkirts,
  asked: { when: ({ ground }) => ground?.weight !== undefined, before: 'mesh' },
  shortWalks: ['moved'],
  ofFrame: 'always',
  wears: false,
  isAlike: false,
  looksAt: [],
  spots: ['frame'],
  isUnreadWithout: ({ ground }) => ground?.weight !== undefined,
  bears: 'lifting',
  path: ofGround('pegs'),
});
