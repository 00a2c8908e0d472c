import fc from 'fast-check';
import { areaOf, closeOutline, paceOutline } from './outline';
import type { Outline } from './place';

function outline(lengths: readonly number[], turns: readonly number[], heading = 0): Outline {
  return {
    start: { x: 0, y: 0 },
    heading,
    sides: lengths.map((length, index) => ({
      id: `s${index}`,
      name: `s${index}`,
      kind: 'fence',
      length,
      turn: turns[index] ?? 90,
    })),
  };
}

test('a paced square closes on itself', () => {
  const { points, misclosure, perimeter } = closeOutline(outline([3000, 3000, 3000, 3000], []));
  expect(misclosure).toBeCloseTo(0);
  expect(perimeter).toBe(12000);
  expect(areaOf(points)).toBeCloseTo(9_000_000);
});

test('compass rule, worked by hand: each corner moves by its share of the way walked', () => {
  // Paced 3000 N, 4000 E, 3000 S, 3900 W: the end lies 100 mm east of the start.
  const { points, misclosure } = closeOutline(outline([3000, 4000, 3000, 3900], []));
  expect(misclosure).toBeCloseTo(100);
  const [, second, third, fourth] = points;
  expect(second?.x).toBeCloseTo(-100 * (3000 / 13900));
  expect(third?.x).toBeCloseTo(4000 - 100 * (7000 / 13900));
  expect(fourth?.x).toBeCloseTo(4000 - 100 * (10000 / 13900));
  expect(second?.y).toBeCloseTo(3000);
});

test('adjusted sides always close, whatever was paced', () => {
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.integer({ min: 200, max: 9000 }), fc.integer({ min: -120, max: 120 })), {
        minLength: 3,
        maxLength: 9,
      }),
      (sides) => {
        const it = outline(
          sides.map(([length]) => length),
          sides.map(([, turn]) => turn),
        );
        const { points, misclosure, perimeter } = closeOutline(it);
        // Share out the last side's miss as well: the walk then ends where it began.
        const end = paceOutline(it).at(-1) ?? { x: 0, y: 0 };
        expect(Math.hypot(end.x, end.y)).toBeCloseTo(misclosure);
        expect(points[0]).toEqual({ x: 0, y: 0 });
        points.forEach((point, index) => {
          const paced = paceOutline(it)[index] ?? point;
          const moved = Math.hypot(point.x - paced.x, point.y - paced.y);
          expect(moved).toBeLessThanOrEqual(misclosure + 1e-6);
        });
        expect(perimeter).toBe(sides.reduce((sum, [length]) => sum + length, 0));
      },
    ),
  );
});
