import { earthOhms } from './electrode';
import { ohmsByStake, rodsMissing, stakeVolts } from './earth-test';

const source = { open: 7, within: 200 };
const rods = (count: number, length = 1830) => ({ count, length, diameter: 15.9, apart: length });

test('by hand: 7 kV behind 200 Ω shorted to 2 kV on 50 Ω of earth', () => {
  // I = (7000 − 2000) / (200 + 50) = 20 A; 20 · 50 = 1,000 V on the stake: one rod is far too little.
  expect(stakeVolts(source, 50)).toBeCloseTo(1, 6);
});

test('what the stake reads tells what the rods resist', () => {
  for (const ohms of [5, 20, 87, 400]) {
    expect(ohmsByStake(source, stakeVolts(source, ohms))).toBeCloseTo(ohms, 6);
  }
  expect(ohmsByStake(source, 6)).toBeUndefined();
});

test('so many rods more bring it to 300 V, and one fewer does not', () => {
  for (const ground of ['wet', 'moist'] as const) {
    const missing = rodsMissing(source, rods(1), ground);
    expect(missing).toBeDefined();
    const volts = (count: number) => stakeVolts(source, earthOhms(ground, rods(count)));
    expect(volts(1 + (missing ?? 0))).toBeLessThanOrEqual(0.3);
    if (missing) expect(volts(missing)).toBeGreaterThan(0.3);
  }
});

test('an earth that reads worse than its ground should wants more rods; one that reads better, fewer', () => {
  const usual = rodsMissing(source, rods(3), 'moist') ?? 0;
  const now = stakeVolts(source, earthOhms('moist', rods(3)));
  expect(rodsMissing(source, rods(3), 'moist', now)).toBe(usual);
  expect(rodsMissing(source, rods(3), 'moist', now * 1.5) ?? Infinity).toBeGreaterThan(usual);
  expect(rodsMissing(source, rods(3), 'moist', 0.2)).toBe(0);
});

test('dry ground takes more rods than a garden holds', () => {
  expect(rodsMissing(source, rods(1), 'dry')).toBeUndefined();
});
