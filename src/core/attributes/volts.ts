/** Line potential at the far end. Unread is unknown, not live. */
import { always, amount } from './attribute';
import { mostVolts, usualVolts } from './limits';
import { field } from './paths';

/** Line potential, kV, at the far end of the line. */
export const volts = amount('fence', {
  unit: 'kV',
  better: 'more',
  limits: [0, mostVolts],
  usual: usualVolts,
  asked: { section: () => 'fence', when: always },
  shortWalks: ['fence', 'storm', 'loss', 'moved'],
  wears: true,
  isAlike: false,
  looksAt: [],
  spots: ['fence'],
  isUnreadWithout: always,

  path: field('volts'),
});
