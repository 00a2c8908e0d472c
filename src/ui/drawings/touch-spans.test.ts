import fc from 'fast-check';
import { leastTouch, touchSpans } from './touch-spans';

const side = (widths: readonly number[]) => {
  let x = 18;
  return widths.map((width) => {
    const span = { x, width };
    x += width;
    return span;
  });
};

test('walls wide enough are touched as they are drawn', () => {
  const walls = side([40, 60, 26]);
  expect(touchSpans(walls)).toEqual(walls);
});

test('a narrow wall between wide ones takes what a finger needs', () => {
  expect(touchSpans(side([60, 12, 60])).map(({ width }) => width)).toEqual([60, 26, 46]);
  expect(touchSpans(side([60, 60, 12])).map(({ width }) => width)).toEqual([60, 46, 26]);
});

test('none over another, none too small where there is room, all within the ends', () => {
  const widths = fc.array(fc.double({ min: 1, max: 90, noNaN: true }), {
    minLength: 1,
    maxLength: 60,
  });
  fc.assert(
    fc.property(widths, (drawn) => {
      const walls = side(drawn);
      const total = drawn.reduce((sum, width) => sum + width, 0);
      const spans = touchSpans(walls);
      const least = Math.min(leastTouch, total / walls.length);
      expect(spans[0]?.x).toBe(18);
      spans.forEach(({ x, width }, i) => {
        expect(width).toBeGreaterThan(least - 1e-6);
        expect(x + width).toBeCloseTo(spans[i + 1]?.x ?? 18 + total, 6);
      });
    }),
  );
});
