import { localDay, localDayOf, localTimeOf } from './local-day';

test('a moment is on the day and at the time that the keeper’s own clock showed', () => {
  const evening = new Date(2026, 0, 5, 23, 7, 9);
  expect(localDay(evening)).toBe('2026-01-05');
  expect(localDayOf(evening.toISOString())).toBe('2026-01-05');
  expect(localTimeOf(evening.toISOString())).toBe('23:07:09');
});
