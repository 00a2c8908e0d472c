import { chargeAt, drawOf, nightsLeft } from './battery';

// Worked example of figures.md: 70 Ah, 60 mA, half used: 583 h.
test('70 Ah at 60 mA, half of it used, are 583 hours', () => {
  const nights = nightsLeft(
    { feed: 'battery-12', draws: 60, battery: { kind: 'lead-acid', charge: 70 } },
    'always',
    { degrees: 25 },
  );
  expect((nights?.value ?? 0) * 24).toBeCloseTo(583, 0);
});

// Common practice: a dry-cell unit of about a tenth of a joule runs some two months on D cells, on all the time.
test('a small unit on dry cells runs about two months', () => {
  const nights = nightsLeft({ feed: 'dry-cells', draws: 10 }, 'always');
  expect(nights?.value).toBeGreaterThan(50);
  expect(nights?.value).toBeLessThan(75);
});

// Ideal draw at 12 V by joules, of figures.md, before what is drawn at rest; recalled from memory.
test.each([
  [0.1, 10],
  [0.25, 27],
  [0.5, 46],
  [1, 85],
])('%d J draws about %d mA beside what it draws at rest', (joules, ideal) => {
  const { value = 0, band = [0, 0] } = drawOf({ feed: 'battery-12', joules }) ?? {};
  expect((value - 10) / ideal).toBeGreaterThan(0.8);
  expect((value - 10) / ideal).toBeLessThan(1.25);
  expect(band[0]).toBeLessThan(value);
  expect(band[1]).toBeGreaterThan(value);
});

// Common practice: 12.7 V full, 12.4 three quarters, 12.2 half, 12.0 a quarter.
test.each([
  [12.7, 1],
  [12.4, 0.75],
  [12.2, 0.5],
  [12.0, 0.25],
  [11.2, 0],
  [13.5, 1],
])('a lead battery at rest at %d V is %d full', (volts, charge) => {
  expect(chargeAt('lead-acid', volts).value).toBeCloseTo(charge, 6);
});

const lead = { feed: 'battery-12', draws: 50, battery: { kind: 'lead-acid', charge: 60 } } as const;

test('half of a lead battery is kept back; colder, longer on or lower: never more nights', () => {
  const at = (rest: number, degrees = 15, on: 'always' | 'nights' = 'nights') =>
    nightsLeft(lead, on, { rest, degrees })?.value ?? NaN;
  expect(at(12.2)).toBe(0);
  expect(at(12.45)).toBeLessThan(at(12.7));
  expect(at(12.7, -10)).toBeLessThan(at(12.7));
  expect(at(12.7, 15, 'always')).toBeCloseTo(at(12.7) / 2, 6);
});

test('the mains, a line that is off, and a plate that says nothing have no nights', () => {
  expect(nightsLeft({ feed: 'mains', joules: 1 }, 'always')).toBeUndefined();
  expect(nightsLeft(lead, 'never')).toBeUndefined();
  expect(nightsLeft({ feed: 'battery-12' }, 'always')).toBeUndefined();
});

test('a panel that brings in more than is drawn carries it; in a short day it does not', () => {
  const solar = {
    feed: 'solar',
    joules: 0.3,
    panel: 3,
    battery: { kind: 'agm', charge: 7 },
  } as const;
  expect(nightsLeft(solar, 'nights', { daylight: 15 })?.value).toBe(Infinity);
  const winter = nightsLeft(solar, 'always', { daylight: 7 });
  expect(winter?.value).toBeLessThan(30);
  expect(winter?.band[0]).toBeLessThan(winter?.value ?? 0);
});
