import { isDay } from './day';

test.each(['2026-05-01', '2024-02-29', '1999-12-31', '0001-01-01'])('%s is a day', (text) => {
  expect(isDay(text)).toBe(true);
});

test.each([
  '2026-02-30',
  '2026-02-29',
  '2026-13-01',
  '2026-00-10',
  '2026-04-31',
  'today',
  '',
  '2026-5-1',
])('“%s” is none', (text) => {
  expect(isDay(text)).toBe(false);
});
