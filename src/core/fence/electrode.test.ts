import { between } from './between';
import { earthOhms, rodOhms, rodsOhms, twoRodsOhms } from './electrode';

const rod = (length: number, diameter: number, count = 1, apart = length) => ({
  length,
  diameter,
  count,
  apart,
});

// Dwight 1936, worked out for 100 Ω·m; the figures as handbooks print them (recalled from memory).
test.each([
  [900, 12.7, 94.4],
  [1000, 12.7, 86.7],
  [1200, 12.7, 74.6],
  [1830, 12.7, 52.6],
  [1830, 15.9, 50.7],
  [2440, 15.9, 39.9],
  [3050, 15.9, 33.1],
])('a rod of %d mm, %d mm thick, is %d Ω in ground of 100 Ω·m', (length, diameter, ohms) => {
  expect(rodOhms(100, rod(length, diameter))).toBeCloseTo(ohms, 0);
});

// IEEE Green Book's factors on 50.7 Ω (recalled from memory).
test.each([
  [2, 29.4],
  [3, 21.8],
  [4, 17.2],
  [8, 10.6],
])('%d rods of 50.7 Ω, their length apart, are %d Ω', (count, ohms) => {
  expect(rodsOhms(100, rod(1830, 15.9, count))).toBeCloseTo(ohms, 1);
});

test('two rods far apart are half of one, and a little more', () => {
  const one = rodOhms(100, rod(1830, 15.9));
  const two = twoRodsOhms(100, rod(1830, 15.9, 2, 10_000));
  expect(two).toBeGreaterThan(one / 2);
  expect(two).toBeLessThan(one * 0.56);
});

test('more rods, longer rods, wetter ground: never worse', () => {
  for (const apart of [0, 500, 1830, 3000, 10_000]) {
    for (let count = 1; count < 50; count += 1) {
      const [fewer, more] = [count, count + 1].map((it) =>
        rodsOhms(100, rod(1830, 15.9, it, apart)),
      );
      expect(more).toBeLessThanOrEqual((fewer ?? 0) + 1e-9);
    }
  }
  const inGround = (['wet', 'moist', 'frozen', 'dry'] as const).map((it) =>
    earthOhms(it, rod(1830, 15.9)),
  );
  expect(inGround).toEqual([...inGround].sort((a, b) => a - b));
});

test('rods close together gain nothing over one', () => {
  expect(rodsOhms(100, rod(1830, 15.9, 3, 0))).toBeCloseTo(50.7, 0);
});

test('frost takes most of a short rod and little of a long one', () => {
  const worse = (length: number) =>
    earthOhms('frozen', rod(length, 15.9)) / earthOhms('moist', rod(length, 15.9));
  expect(worse(300)).toBeCloseTo(7.9, 1);
  expect(worse(1830)).toBeLessThan(1.2);
});

test('between two entries of a table by straight line, outside it the nearest', () => {
  const table = [
    [1, 10],
    [3, 20],
  ] as const;
  expect([0, 1, 2, 3, 9].map((it) => between(table, it))).toEqual([10, 10, 15, 20, 20]);
});
