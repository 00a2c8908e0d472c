/** Small descriptions that every document is built from. */
import { isDay } from './day';
import { amount, longest, named, note, pattern, text as someText } from './schema';

/** An id or a name. */
export const text = named('text', someText());

/** As typed, unit and fraction: "1 3/8 in". */
export const entered = named('entered', note(60), 'As typed, unit and fraction.');

/** mm. */
export const length = named(
  'length',
  amount(0, longest),
  'Millimetres; kilograms or kilovolts where an attribute says so.',
);

/** YYYY-MM-DD. */
export const day = named('day', pattern(/^\d{4}-\d{2}-\d{2}$/, 'a day, like 2026-05-01', isDay));

/** ISO 8601 with time, UTC. */
export const instant = named(
  'instant',
  pattern(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}(\.\d+)?Z$/, 'a time, like 2026-05-01T09:30:00Z'),
);

/** MM-DD. */
export const dayOfYear = named(
  'dayOfYear',
  pattern(/^(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/, 'a month and day, like 10-15'),
);
