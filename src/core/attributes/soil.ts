/** What the ground is along the outside of the bay. No order: a slab stops digging, and takes no pegs. */
import { standsOnEarth } from '../place/ground-line';
import { soils } from '../tables/soils';
import { choice } from './attribute';
import { ofGround } from './paths';

/** What the ground at a wall is. */
export const soil = choice('bay', {
  choices: soils,
  better: 'none',
  asked: { when: ({ ground }) => standsOnEarth(ground), before: 'mesh' },
  shortWalks: ['moved'],
  ofFrame: 'always',
  wears: false,
  isAlike: true,
  looksAt: [],
  spots: ['dig'],
  isUnreadWithout: ({ ground }) => ground !== undefined,

  path: ofGround('soil'),
});
