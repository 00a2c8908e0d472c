/** What touches a strand, at its worst along the bay. */
import { touching } from '../tables/shocking';
import { always, choice } from './attribute';
import { field } from './paths';

/** What touches a strand. */
export const strandTouching = choice('strand', {
  choices: touching,
  better: touching,
  // What leaks by the metre takes more than what leaks at one spot where the bay is wide, and less where it is narrow; snow buries the wire
  // itself, and takes less from the rest of the line than mesh does.
  notCompared: [
    ['wood', 'grass'],
    ['grass', 'insulator'],
    ['weeds', 'insulator'],
    ['insulator', 'snow'],
    ['snow', 'mesh'],
  ],
  asked: { when: always },
  shortWalks: ['fence', 'storm', 'moved'],
  wears: true,
  isAlike: true,
  looksAt: [],
  spots: ['strand'],
  isUnreadWithout: always,

  path: field('touching'),
});
