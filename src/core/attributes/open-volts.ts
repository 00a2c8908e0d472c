/** The energizer by itself, with the line off it. */
import { amount, never } from './attribute';
import { mostVolts, usualVolts } from './limits';
import { field } from './paths';

/** Potential, kV, of the energizer with the line taken off. */
export const openVolts = amount('fence', {
  unit: 'kV',
  better: 'more',
  limits: [0, mostVolts],
  usual: usualVolts,
  asked: { section: () => 'fence', when: ({ line }) => line !== undefined },
  shortWalks: ['fence'],
  wears: true,
  isAlike: false,
  looksAt: [],
  spots: [],
  isUnreadWithout: never,

  path: field('open'),
});
