import { chanceOf } from '../routes/chance';
import { hold } from './hold';

test('hold is the share of the threat that is turned away', () => {
  expect(hold([{ weight: 1, chance: 0 }])).toBe(100);
  expect(hold([{ weight: 1, chance: 1 }])).toBe(0);
  // Worked by hand: 1 − (3·1 + 1·0.5) / 5 = 0.3.
  expect(
    hold([
      { weight: 3, chance: 1 },
      { weight: 1, chance: 0.5 },
      { weight: 1, chance: 0 },
    ]),
  ).toBeCloseTo(30);
});

test('where nothing threatens there is no hold', () => {
  expect(hold([])).toBeNull();
  expect(hold([{ weight: 0, chance: 1 }])).toBeNull();
});

test('exponential giving-up: at its patience an animal is still there once in e', () => {
  expect(chanceOf(0)).toBe(1);
  expect(chanceOf(45 / 45)).toBeCloseTo(1 / Math.E);
  expect(chanceOf(null)).toBe(0);
  // A strand that turns back 95 in 100 leaves one try in twenty.
  expect(chanceOf(-Math.log(1 - 0.95))).toBeCloseTo(0.05);
});
