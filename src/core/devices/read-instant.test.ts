import { byUtc, formsThatFit, readInstant, type DateForm, type ToUtc } from './read-instant';

/** A place two hours ahead of the meridian, whatever the season. */
const twoAhead: ToUtc = (time) => (byUtc(time) ?? 0) - 2 * 3_600_000;

const evening = '2026-11-23T17:05:00.000Z';

test.each<[string, DateForm, ToUtc, string]>([
  ['2026-11-23 17:05', 'year-first', byUtc, evening],
  ['2026-11-23T17:05:00Z', 'year-first', twoAhead, evening],
  ['2026/11/23 19:05', 'year-first', twoAhead, evening],
  ['2026-11-23T19:05:00+02:00', 'year-first', byUtc, evening],
  ['2026-11-23 11:05:00 -0600', 'day-first', byUtc, evening],
  ['23.11.2026 17:05', 'day-first', byUtc, evening],
  ['23/11/26 17.05', 'day-first', byUtc, evening],
  ['11/23/2026 5:05 PM', 'month-first', byUtc, evening],
  ['11/23/2026, 5:05:00 p.m.', 'month-first', byUtc, evening],
  ['11/23/2026 12:05 AM', 'month-first', byUtc, '2026-11-23T00:05:00.000Z'],
  ['11/23/2026 12:05 pm', 'month-first', byUtc, '2026-11-23T12:05:00.000Z'],
  ['1795453500', 'seconds', twoAhead, evening],
  ['1795453500000', 'milliseconds', twoAhead, evening],
  ['2026-11-23', 'year-first', byUtc, '2026-11-23T00:00:00.000Z'],
])('%s, %s', (text, form, toUtc, is) => {
  expect(readInstant(text, form, toUtc)).toBe(is);
});

test.each<[string, DateForm]>([
  ['', 'year-first'],
  ['yesterday', 'year-first'],
  ['2026-02-30 10:00', 'year-first'],
  ['2026-11-23 25:00', 'year-first'],
  ['2026-11-23 17:60', 'year-first'],
  ['31/04/2026', 'day-first'],
  ['23/11/2026', 'month-first'],
  ['11/23/2026 13:05 PM', 'month-first'],
  ['23/11/126', 'day-first'],
  ['2026-11-23 17:05 somewhere', 'year-first'],
  ['17:05', 'year-first'],
  ['12', 'seconds'],
])('%s is no time, %s', (text, form) => {
  expect(readInstant(text, form, byUtc)).toBeUndefined();
});

test('forms are offered by how many of the dates are one in them: both, while no day is past the twelfth', () => {
  expect(formsThatFit(['03/04/2026', '05/06/2026'])).toEqual(['day-first', 'month-first']);
  expect(formsThatFit(['03/04/2026', '25/06/2026'])[0]).toBe('day-first');
  expect(formsThatFit(['03/04/2026', '05/26/2026'])[0]).toBe('month-first');
  expect(formsThatFit(['1795453500', '1795453560'])).toEqual(['seconds']);
  expect(formsThatFit(['1795453500000'])).toEqual(['milliseconds']);
  expect(formsThatFit(['03/04/2026', '31/11/2026', '25/11/2026'])[0]).toBe('day-first');
  expect(formsThatFit(['soon'])).toEqual([]);
});
