/** How wet the ground is under the line: what a wire gives hangs on it as much as on its volts. */
import { grounds } from '../tables/fence-ground';
import { choice, never } from './attribute';
import { field } from './paths';

/** Moisture of the ground when volts were read: they mean little without it. */
export const groundToday = choice('fence', {
  choices: grounds,
  better: grounds,
  asked: { section: () => 'fence', when: ({ line }) => line !== undefined },
  shortWalks: ['fence', 'moved', 'earth'],
  wears: true,
  isAlike: false,
  looksAt: [],
  spots: [],
  isUnreadWithout: never,

  path: field('ground'),
});
