/** What a screwdriver finds in the timber along the ground; asked only where a wall or frame is known to stand on one. */
import { standsOnEarth } from '../place/ground-line';
import { timberStates } from '../tables/timber';
import { choice, never } from './attribute';
import { ofGround } from './paths';

/** State of the timber along the ground. */
export const baseTimber = choice('bay', {
  choices: timberStates,
  better: timberStates,
  asked: {
    when: ({ ground }) => standsOnEarth(ground) && ground.timber !== undefined,
    before: 'mesh',
  },
  shortWalks: [],
  wears: true,
  isAlike: true,
  looksAt: ['timber-on-ground'],
  spots: ['timber'],
  isUnreadWithout: never,
  path: ofGround('timber'),
});
