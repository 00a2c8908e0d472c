/** What holds a bay’s cover on, for every layer that says nothing of its own. */
import { fixings } from '../tables/fixings';
import { always, choice } from './attribute';
import { everyLayer } from './every-layer';
import { field } from './paths';

/** What holds a bay’s mesh on. */
export const fixing = choice('bay', {
  choices: fixings,
  better: fixings,
  asked: {
    when: (bay, { matters }) =>
      matters.fixing && (bay.fixing !== undefined || !everyLayer(bay, 'fixing')),
  },
  shortWalks: [],
  wears: false,
  isAlike: true,
  looksAt: ['ties-in-sun', 'staples'],
  spots: [],
  isUnreadWithout: always,

  path: field('fixing'),
});
