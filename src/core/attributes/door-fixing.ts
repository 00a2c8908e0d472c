/** What holds an opening’s own cover on, apart from that of the wall around it. */
import { fixings } from '../tables/fixings';
import { choice, never } from './attribute';
import { field } from './paths';

export const doorFixing = choice('layer', {
  choices: fixings,
  better: fixings,
  asked: {
    when: (_layer, { matters, opening }) =>
      matters.fixing && opening !== undefined && !opening.isFixed,
  },
  shortWalks: [],
  wears: false,
  isAlike: false,
  looksAt: ['staples'],
  spots: [],
  isUnreadWithout: never,

  path: field('fixing'),
});
