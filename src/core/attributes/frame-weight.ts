/** What a light frame that stands on the ground weighs. */
import { amount, never } from './attribute';
import { heaviestFrame } from './limits';
import { ofGround } from './paths';

/** Weight, kg, of a light frame. */
export const frameWeight = amount('bay', {
  unit: 'kg',
  better: 'more',
  limits: [0, heaviestFrame],
  usual: [10, 20, 40, 60, 100],
  asked: { when: ({ ground }) => ground?.weight !== undefined, before: 'mesh' },
  shortWalks: [],
  ofFrame: 'always',
  wears: false,
  isAlike: false,
  looksAt: [],
  spots: [],
  isUnreadWithout: never,
  bears: 'lifting',
  path: ofGround('weight'),
});
