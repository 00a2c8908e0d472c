import { pathOf } from '../tests/fenced';
import { clearances, grassHeight } from './under-wires';

test('grass grows by its month, half a year on in the south', () => {
  const may = grassHeight('gb', '2026-05-31', 28);
  expect(may).toBe(40 + 28 * 8);
  expect(grassHeight('gb', '2026-01-31', 28)).toBe(40);
  expect(grassHeight('au', '2026-11-30', 28)).toBe(may);
});

test('longer unmown is never lower', () => {
  for (let days = 1; days < 120; days += 1) {
    expect(grassHeight('na', '2026-09-30', days)).toBeGreaterThanOrEqual(
      grassHeight('na', '2026-09-30', days - 1),
    );
  }
});

test('what is left under each wire, the least first', () => {
  const left = clearances(pathOf({ bays: 2, round: 3, wires: 2 }), 200);
  expect(left.map((it) => it.left)).toEqual([-50, -50, 100, 100]);
});
