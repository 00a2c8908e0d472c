/** What holds an opening’s own cover on, apart from that of the wall around it. */
import { fixings } from '../tables/fixings';
import { choice, never } from './attribute';
import { hasItsOwn } from './has-its-own';
import { field } from './paths';

/** What holds the cover of an opening on. */
export const doorFixing = choice('layer', {
  choices: fixings,
  better: fixings,
  asked: {
    when: ({ fixing }, { matters, opening }) => matters.fixing && hasItsOwn(fixing, opening),
  },
  shortWalks: [],
  wears: false,
  isAlike: false,
  looksAt: ['staples'],
  spots: [],
  isUnreadWithout: never,

  path: field('fixing'),
});
