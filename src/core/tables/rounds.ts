/** How often what is looked at by itself is looked at. What grows old has figures of its own; see lifespans.ts. */
import { ours } from './assumptions';
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
export const awayNamedAhead = ours(14, 'days', 'Two weeks to find somebody who covers.');

/** So long before its day a whole walk counts for a season. */
export const countsBefore = ours(60, 'days', 'A walk in February is the one of spring.');

/** What grows old is looked at together where it falls due within so many days. */
export const inspectedTogether = ours(31, 'days', 'One round with the ladder, not four.');

/** Panels that go on or come off may do so by so many days before their day. */
export const panelsAhead = ours(45, 'days', 'A mild autumn, or a free weekend.');

/** Panels that did not go on or come off are asked for so long, and never beyond the day of the other change. */
export const panelsAskedFor = ours(183, 'days', 'Half a year: then it is next year’s.');

/** Snow that nobody says is dug out is asked about so long. */
export const snowAskedFor = ours(30, 'days', 'A month: it has gone, or other has fallen.');

/** From such a rise of its chance on an animal is said to be let in by what is not done. */
export const letsInFrom = ours(0.25, 'share', 'A quarter of its tries.');

/** From so much growth a day on grass is said to grow, mm. */
export const growingFrom = ours(2, 'mm', 'A day. Less is trodden down, or lies.');

/** What has no hour is reminded of so long after midnight, by the phone's own clock. */
export const remindedAfter = ours(9, 'hours', 'Late enough to be read, early enough to be done.');
