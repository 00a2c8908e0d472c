/** What state a bay’s cover and fixings are in, at their worst spot. */
import { seenInCover } from '../tables/lifespans';
import { conditions } from '../tables/fixings';
import { always, choice } from './attribute';
import { everyLayer } from './every-layer';
import { field } from './paths';

/** State of a bay’s mesh or boards. */
export const condition = choice('bay', {
  choices: conditions,
  better: conditions,
  asked: {
    when: (bay, { matters }) =>
      matters.condition && (bay.condition !== undefined || !everyLayer(bay, 'condition')),
  },
  shortWalks: ['storm'],
  wears: true,
  isAlike: true,
  looksAt: seenInCover,
  spots: [],
  isUnreadWithout: always,

  path: field('condition'),
});
