import fc from 'fast-check';
import { closeOutline, paceOutline } from './outline';
import { elbow } from '../tests/elbow';
import { checkPacing, isPacing, withTurn, type PacedSide } from './pacing';
import { firstCrossing, isInside, isWithinFigure } from './polygon';

const walk = (...sides: [length: number, turn: number][]): PacedSide[] =>
  sides.map(([length, turn]) => ({ length, turn }));

function good(sides: readonly PacedSide[]) {
  const checked = checkPacing(sides);
  if (!isPacing(checked)) throw new Error(JSON.stringify(checked));
  return checked;
}

test('an elbow closes, and its area is the sum of its rectangles', () => {
  const { area, closed, reversed } = good(elbow);
  expect(closed.misclosure).toBeCloseTo(0, 6);
  expect(reversed).toBe(false);
  // 4.1 × 3.4 and the 2.2 m wide, 2.7 m long arm beside it.
  expect(area).toBeCloseTo(4100 * 3400 + 2700 * 2200, 3);
});

test('paced the other way round it is the same figure, run through clockwise', () => {
  const back = walk([4100, -90], [3400, -90], [1400, 90], [2200, -90], [2700, -90], [5600, -90]);
  const { area, reversed, outline } = good(back);
  expect(reversed).toBe(true);
  expect(area).toBeCloseTo(4100 * 3400 + 2700 * 2200, 3);
  expect(outline.sides.reduce((sum, { turn }) => sum + turn, 0)).toBe(360);
  expect(outline.sides[0]?.length).toBe(4100);
  // Sides keep the numbers they were paced under.
  expect(outline.sides.map(({ name }) => name)).toEqual([
    'gate side',
    'side 6',
    'side 5',
    'side 4',
    'side 3',
    'side 2',
  ]);
  expect(outline.sides[1]?.length).toBe(5600);
});

test('a slipped turn is named: left where it should be right', () => {
  for (const side of elbow.keys()) {
    const turn = -(elbow[side]?.turn ?? 0);
    const checked = checkPacing(withTurn(elbow, { side, turn }));
    expect(checked).toMatchObject({ problem: 'turns', likely: { side, turn: -turn } });
  }
});

test('turns that come full circle on a walk that ends elsewhere are refused with how far', () => {
  const open = walk([4000, 90], [3000, 90], [1000, 90], [3000, 90]);
  const checked = checkPacing(open);
  if (isPacing(checked) || checked.problem !== 'misses') throw new Error('taken');
  expect(checked.misclosure).toBeCloseTo(3000, 6);
  expect(checked.perimeter).toBe(11000);
});

test('one in ten is still taken, and shared out along the sides', () => {
  const { closed } = good(walk([4000, 90], [3000, 90], [3000, 90], [3000, 90]));
  expect(closed.misclosure).toBeCloseTo(1000, 6);
  expect(closed.points).toHaveLength(4);
});

test('sides that cross are refused with their numbers', () => {
  // Full circle in its turns and back at its start, but its fourth side runs out through the first and its sixth back in.
  const curled = walk(
    [4000, -90],
    [4000, -90],
    [2000, -90],
    [6000, 90],
    [1000, 90],
    [6000, -90],
    [1000, -90],
    [4000, -90],
  );
  expect(checkPacing(curled)).toMatchObject({ problem: 'crosses', sides: [0, 3] });
});

test('two sides enclose nothing', () => {
  expect(checkPacing(walk([1000, 180], [1000, 180]))).toEqual({ problem: 'too-few-sides' });
});

describe('property: any paced perimeter that is taken closes after adjustment, and the lap is its length', () => {
  const lengths = fc.array(fc.integer({ min: 500, max: 9000 }), { minLength: 3, maxLength: 9 });

  test('regular turns, any lengths', () => {
    fc.assert(
      fc.property(lengths, fc.boolean(), (all, left) => {
        const turn = (left ? -360 : 360) / all.length;
        const checked = checkPacing(all.map((length) => ({ length, turn })));
        if (!isPacing(checked)) return;
        const { outline, closed } = checked;
        expect(closed.perimeter).toBe(all.reduce((sum, length) => sum + length, 0));
        expect(firstCrossing(closed.points)).toBeUndefined();
        // Walking the adjusted corners once round comes back to the start.
        const sum = closed.points.reduce(
          ({ x, y }, point, index) => {
            const next = closed.points[(index + 1) % closed.points.length] ?? point;
            return { x: x + next.x - point.x, y: y + next.y - point.y };
          },
          { x: 0, y: 0 },
        );
        expect(Math.hypot(sum.x, sum.y)).toBeLessThan(1e-6);
        const paced = paceOutline(outline);
        const end = paced[paced.length - 1] ?? { x: NaN, y: NaN };
        expect(Math.hypot(end.x - outline.start.x, end.y - outline.start.y)).toBeCloseTo(
          closeOutline(outline).misclosure,
          6,
        );
      }),
    );
  });
});

describe('inside', () => {
  const square = [
    { x: 0, y: 0 },
    { x: 0, y: 4 },
    { x: 4, y: 4 },
    { x: 4, y: 0 },
  ];
  test('points and figures', () => {
    expect(isInside(square, { x: 1, y: 1 })).toBe(true);
    expect(isInside(square, { x: 5, y: 1 })).toBe(false);
    const small = square.map(({ x, y }) => ({ x: x / 2 + 0.5, y: y / 2 + 0.5 }));
    expect(isWithinFigure(square, small)).toBe(true);
    expect(
      isWithinFigure(
        square,
        small.map(({ x, y }) => ({ x: x + 2, y })),
      ),
    ).toBe(false);
  });
});
