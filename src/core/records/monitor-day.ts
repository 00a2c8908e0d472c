/** What a fence monitor read in one day, as one record: a reading a minute would be half a million a year. */
import { day, id, instant } from '../schema/common';
import { amount, constant, object, optional, whole, type TypeOf } from '../schema/schema';
import { keptFields } from './kept';

/** kV; no energizer for stock gives more. */
const volts = amount(0, 15);

/** A day of a fence monitor. */
export const monitorDaySchema = object(
  {
    ...keptFields,
    date: day,
    what: constant('monitor-day'),
    /** Its id in the place. */
    device: id,
    /** Least and most that were read, kV. */
    least: volts,
    most: volts,
    /** The last of the day, kV, and when. */
    last: volts,
    at: instant,
    /** Of its battery, least of the day, V. */
    battery: optional(amount(0, 60)),
    readings: whole(1, 1_000_000),
    /** The first and the last of that day's readings below what the line is meant for; absent: there were none. */
    low: optional(object({ from: instant, to: instant })),
  },
  {
    field: 'most',
    holds: ({ least, most: upper }) => Number(least) <= Number(upper),
    sentence: 'must not be less than the least',
  },
);
/** A day of a fence monitor. */
export interface MonitorDay extends TypeOf<typeof monitorDaySchema> {}
