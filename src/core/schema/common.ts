/** Small descriptions that every document is built from. */
import { isDay } from './day';
import { amount, longest, named, note, pattern, text as someText } from './schema';

/** An id or a name. */
export const text = named('text', someText());

/** Characters that nobody sees: controls, marks of direction, spaces without width. First and last of each run. */
const unseen: readonly (readonly [first: number, last: number])[] = [
  [0x00, 0x1f],
  [0x7f, 0x9f],
  [0xad, 0xad],
  [0x200b, 0x200f],
  [0x2028, 0x202e],
  [0x2060, 0x206f],
  [0xfeff, 0xfeff],
];

/** Nothing but ordinary letters, digits and signs: most ids. */
const plain = /^[\x20-\x7e]*$/;

const isSeen = (text: string): boolean =>
  plain.test(text) ||
  [...text].every((letter) => {
    const code = letter.codePointAt(0) ?? 0;
    return !unseen.some(([first, last]) => code >= first && code <= last);
  });

/** An id: a text that names one thing, and that keys can be made of: strokes stand between their parts. */
export const id = named(
  'id',
  pattern(/^[^/]{1,200}$/, 'an id of 1 to 200 characters, without strokes', isSeen),
);

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
  pattern(
    /^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}(\.\d{1,9})?Z$/,
    'a time, like 2026-05-01T09:30:00Z',
    (it) => isDay(it.slice(0, 10)) && !Number.isNaN(Date.parse(it)),
  ),
);

/** MM-DD. */
export const dayOfYear = named(
  'dayOfYear',
  pattern(/^(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/, 'a month and day, like 10-15', (it) =>
    // Of a leap year: the longest there is.
    isDay(`2024-${it}`),
  ),
);
