import '../tests/setup';
import fc from 'fast-check';
import { daysLater } from '../schema/day';
import { batteryTrend, type RestReading } from './battery-trend';

const from = '2026-10-01';
const read = (...all: readonly (readonly [day: number, volts: number])[]): RestReading[] =>
  all.map(([day, volts]) => ({ date: daysLater(from, day), volts }));

// By hand: 12.7 V full, 12.4 V three quarters, 12.2 V half (common practice): a quarter in ten nights, so ten more to half.
test('a battery that loses a quarter in ten nights has ten left from three quarters to half', () => {
  const trend = batteryTrend(
    'lead-acid',
    read([0, 12.7], [5, 12.55], [10, 12.4]),
    daysLater(from, 10),
  );
  expect(trend).toMatchObject({ readings: 3, from });
  expect(trend?.perNight).toBeCloseTo(0.025, 6);
  expect(trend?.nights).toBeCloseTo(10, 6);
  // Four days on it has been drawn on all the same.
  const later = batteryTrend(
    'lead-acid',
    read([0, 12.7], [5, 12.55], [10, 12.4]),
    daysLater(from, 14),
  );
  expect(later?.nights).toBeCloseTo(6, 6);
});

test('two readings are no trend, nor are three of two days', () => {
  expect(batteryTrend('agm', read([0, 12.8], [9, 12.4]), from)).toBeUndefined();
  expect(batteryTrend('agm', read([0, 12.8], [9, 12.4], [9, 12.4]), from)).toBeUndefined();
});

test('what was before it was charged says nothing of it now', () => {
  const before = [
    [0, 12.7],
    [4, 12.4],
    [8, 12.1],
  ] as const;
  const after = [
    [10, 12.7],
    [14, 12.6],
    [18, 12.5],
  ] as const;
  const today = daysLater(from, 18);
  expect(batteryTrend('lead-acid', read(...before, ...after), today)).toEqual(
    batteryTrend('lead-acid', read(...after), today),
  );
});

test('a battery that its panel keeps up has no end', () => {
  const trend = batteryTrend(
    'lead-acid',
    read([0, 12.6], [7, 12.6], [14, 12.6]),
    daysLater(from, 14),
  );
  expect(trend).toMatchObject({ perNight: 0, nights: Infinity });
});

test('faster losses never leave more nights', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 20 }),
      fc.double({ min: 0.01, max: 0.2, noNaN: true }),
      fc.double({ min: 0, max: 0.2, noNaN: true }),
      (apart, loss, more) => {
        const nights = (drop: number) =>
          batteryTrend(
            'lead-acid',
            read([0, 12.7], [apart, 12.7 - drop / 2], [2 * apart, 12.7 - drop]),
            daysLater(from, 2 * apart),
          )?.nights ?? NaN;
        expect(nights(loss + more)).toBeLessThanOrEqual(nights(loss) + 1e-9);
      },
    ),
  );
});
