/** How often what is looked at by itself is looked at. What grows old has figures of its own; see lifespans.ts. */
import type { Figure } from './figure';

const usual = (value: number, unit: Figure['unit'], note: string): Figure => ({
  value,
  unit,
  source: 'trade',
  mark: 'common-practice',
  note,
});

/** Days from one reading of the line, or of its battery, to the next. */
export const lineEvery = usual(
  7,
  'days',
  'Volts and battery weekly; after wind, snow and growth sooner.',
);

/** Months from one pull test of edges, doors and corners to the next. */
export const pullEvery = usual(1, 'months', 'Monthly by hand, and after every storm.');

/** Days of a year by which the place has been walked whole, MM-DD: before foxes have young to feed, and before winter. */
export const wholeWalkBy: readonly string[] = ['04-01', '10-01'];

/** So many days ahead a night away is named. */
export const awayNamedAhead: Figure = {
  value: 14,
  unit: 'days',
  source: 'rookle',
  mark: 'assumption',
  note: 'Two weeks to find somebody who covers.',
};
