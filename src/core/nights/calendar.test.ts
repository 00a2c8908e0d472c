/** Which night a moment belongs to. */
import { isMorning, nightOf } from './calendar';
import { daysLater } from '../schema/day';

const brittany = { latitude: 48, longitude: -3 };
const auckland = { latitude: -36.8, longitude: 174.8 };

test.each([
  ['the evening', '2026-11-20T17:00:00Z', '2026-11-20'],
  ['past midnight', '2026-11-21T01:30:00Z', '2026-11-20'],
  ['the morning after', '2026-11-21T08:00:00Z', '2026-11-20'],
  ['the next afternoon', '2026-11-21T14:00:00Z', '2026-11-21'],
])('%s', (_, at, night) => {
  expect(nightOf(new Date(at), undefined, 0)).toBe(night);
  expect(nightOf(new Date(at), brittany, 60)).toBe(night);
});

test('a change of clocks moves no evening, with a position or without', () => {
  // Central Europe goes from +120 to +60 minutes on 25 October 2026.
  for (const [day, offset] of [
    ['2026-10-24', 120],
    ['2026-10-25', 60],
  ] as const) {
    const evening = new Date(`${day}T17:30:00Z`);
    expect(nightOf(evening, undefined, offset)).toBe(day);
    expect(nightOf(evening, { latitude: 52, longitude: 13 }, offset)).toBe(day);
  }
});

test('the phone of a keeper abroad says the place’s night, where the place says where it lies', () => {
  // Half past seven in the evening at Auckland; the phone is in London.
  const at = new Date('2026-11-20T06:30:00Z');
  expect(nightOf(at, auckland, 0)).toBe('2026-11-20');
  expect(isMorning(at, auckland, 0)).toBe(false);
  expect(isMorning(at, undefined, 0)).toBe(true);
});

test.each([
  ['2026-12-31', 1, '2027-01-01'],
  ['2028-02-28', 1, '2028-02-29'],
  ['2026-03-29', -1, '2026-03-28'],
])('%s and %i days', (day, days, later) => {
  expect(daysLater(day, days)).toBe(later);
});
