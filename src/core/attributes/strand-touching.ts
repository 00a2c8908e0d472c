/** What touches a strand, at its worst along the bay. */
import { touching } from '../tables/shocking';
import { always, choice } from './attribute';
import { field } from './paths';

/** What touches a strand. */
export const strandTouching = choice('strand', {
  choices: touching,
  better: touching,
  asked: { when: always },
  shortWalks: ['fence', 'storm', 'moved'],
  wears: true,
  isAlike: true,
  looksAt: [],
  spots: ['strand'],
  isUnreadWithout: always,

  path: field('touching'),
});
