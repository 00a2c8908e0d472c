import { daylightHours, duskOf } from './dusk';

/** Minutes after midnight, UTC. */
const minutes = (date: Date | undefined) =>
  date ? date.getUTCHours() * 60 + date.getUTCMinutes() : NaN;

test('at the equator on an equinox the sun sets about twelve hours after it rose (general knowledge)', () => {
  const dusk = duskOf(new Date('2026-03-20T12:00:00Z'), { latitude: 0, longitude: 0 });
  // Noon stands near 12:07 UTC in late March (equation of time).
  expect(Math.abs(minutes(dusk?.sunset) - (18 * 60 + 11))).toBeLessThan(5);
});

test('midwinter is dark early in the north, and civil twilight lasts over half an hour at 54°', () => {
  const dusk = duskOf(new Date('2026-12-21T12:00:00Z'), { latitude: 54, longitude: -2 });
  expect(minutes(dusk?.sunset)).toBeGreaterThan(15 * 60 + 30);
  expect(minutes(dusk?.sunset)).toBeLessThan(16 * 60 + 10);
  expect(minutes(dusk?.dark) - minutes(dusk?.sunset)).toBeGreaterThan(30);
});

test('where the sun does not set there is no dusk', () => {
  expect(duskOf(new Date('2026-06-21T12:00:00Z'), { latitude: 75, longitude: 20 })).toBeUndefined();
});

// General knowledge: twelve hours at an equinox, about 7 h 20 min at midwinter at 54°.
test('days are as long as they are known to be', () => {
  expect(daylightHours('2026-03-20', { latitude: 0, longitude: 0 })).toBeCloseTo(12.1, 1);
  const midwinter = daylightHours('2026-12-21', { latitude: 54, longitude: -2 }) ?? NaN;
  expect(Math.abs(midwinter - 7.35)).toBeLessThan(0.3);
  expect(daylightHours('2026-06-21', { latitude: 75, longitude: 20 })).toBeUndefined();
});
