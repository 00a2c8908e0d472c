/** The nearest a bird at roost comes to this bay’s cover; asked where something reaches in as far as it is known. */
import { always, amount } from './attribute';
import { farthestRoost } from './limits';
import { field } from './paths';

/** Distance, mm, from mesh to the birds at roost: what keeps a paw from reaching them. */
export const roost = amount('bay', {
  unit: 'mm',
  better: 'more',
  limits: [0, farthestRoost],
  usual: [100, 200, 300, 500, 1000],
  asked: {
    when: (_bay, { roostSection }) => roostSection !== undefined,
    section: (_bay, { roostSection }) => roostSection,
    last: true,
  },
  shortWalks: ['loss'],
  wears: false,
  isAlike: false,
  looksAt: [],
  spots: ['reach'],
  isUnreadWithout: always,
  bears: 'reach',
  path: field('roost'),
});
