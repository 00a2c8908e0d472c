/** What state an opening’s own cover is in. */
import { conditions } from '../tables/fixings';
import { choice, never } from './attribute';
import { field } from './paths';

export const doorCondition = choice('layer', {
  choices: conditions,
  better: conditions,
  asked: {
    when: (_layer, { matters, opening }) =>
      matters.condition && opening !== undefined && !opening.isFixed,
  },
  shortWalks: ['storm'],
  wears: true,
  isAlike: false,
  looksAt: ['timber-on-ground'],
  spots: [],
  isUnreadWithout: never,

  path: field('condition'),
});
