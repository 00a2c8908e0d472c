import fc from 'fast-check';
import { isRead, readReading, worseEnd } from './range-entry';

test.each([
  ['34', { is: 34, entered: '34 mm' }],
  ['30 to 40', { from: 30, to: 40, entered: '30 to 40 mm' }],
  ['30–40', { from: 30, to: 40, entered: '30 to 40 mm' }],
  ['40 - 30', { from: 30, to: 40, entered: '30 to 40 mm' }],
  ['3 cm to 40 mm', { from: 30, to: 40, entered: '3 cm to 40 mm' }],
  ['12 to 12', { is: 12, entered: '12 mm' }],
])('“%s” of a gap, in mm', (text, value) => {
  expect(readReading(text, 'ground.gap', 'metric')).toEqual(value);
});

test('inches with fractions, as a range', () => {
  expect(readReading('1 1/4 to 1 1/2', 'ground.gap', 'imperial')).toEqual({
    from: 31.75,
    to: 38.1,
    entered: '1 1/4 to 1 1/2 in',
  });
});

test('an uncertain count of heads is a range of birds', () => {
  expect(readReading('11 to 13', 'check.heads', 'metric')).toEqual({
    from: 11,
    to: 13,
    entered: '11 to 13 birds',
  });
});

test.each(['', '-3', 'to 40', '30 to', 'wide', '30 to 5 m', '1 to 2 to 3'])(
  '“%s” is refused',
  (text) => {
    expect(isRead(readReading(text, 'ground.gap', 'metric'))).toBe(false);
  },
);

test('a gap counts by its wide end, a skirt by its shallow one', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 999 }), fc.integer({ min: 0, max: 999 }), (a, b) => {
      const gap = readReading(`${a} to ${b}`, 'ground.gap', 'metric');
      const skirt = readReading(`${a} to ${b}`, 'skirt.depth', 'metric');
      if (!isRead(gap) || !isRead(skirt)) return false;
      return (
        worseEnd(gap, 'ground.gap') === Math.max(a, b) &&
        worseEnd(skirt, 'skirt.depth') === Math.min(a, b)
      );
    }),
  );
});
