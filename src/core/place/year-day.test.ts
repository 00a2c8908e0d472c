import { readYearDay } from './year-day';

test.each([
  ['1 Nov', '11-01'],
  ['november 1', '11-01'],
  ['31 Mar', '03-31'],
  ['1.11.', '11-01'],
  ['11-01', '11-01'],
  ['29 feb', '02-29'],
])('%s is %s', (text, day) => {
  expect(readYearDay(text)).toBe(day);
});

test.each(['', 'winter', '31 Feb', '0 Nov', '32.1.', '1 Foo', '13-01'])(
  '“%s” is no day',
  (text) => {
    expect(readYearDay(text)).toBeUndefined();
  },
);
