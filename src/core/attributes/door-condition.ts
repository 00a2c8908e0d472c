/** What state an opening’s own cover is in. */
import { conditions } from '../tables/fixings';
import { choice, never } from './attribute';
import { hasItsOwn } from './has-its-own';
import { field } from './paths';

/** State of an opening’s cover. */
export const doorCondition = choice('layer', {
  choices: conditions,
  better: conditions,
  asked: {
    when: ({ condition }, { matters, opening }) =>
      matters.condition && hasItsOwn(condition, opening),
  },
  shortWalks: ['storm'],
  wears: true,
  isAlike: false,
  looksAt: ['timber-on-ground'],
  spots: [],
  isUnreadWithout: never,

  path: field('condition'),
});
