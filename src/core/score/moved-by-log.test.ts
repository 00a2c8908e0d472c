/** What is said of a hold that moved because of the log, against the hold judged with and without it. */
import { samphireYard } from '../../../demo/samphire-yard';
import type { LogEntry } from '../records/sighting';
import { judge } from './judge';
import { movedByLog } from './moved-by-log';

const { place, walks } = samphireYard;
const date = '2026-11-20';
const quiet: readonly LogEntry[] = [
  { id: 'q', placeId: place.id, date: '2026-11-01', what: 'quiet-camera', nights: 200 },
];
const foxes: readonly LogEntry[] = Array.from({ length: 12 }, (_, index) => ({
  ...{ id: `f${index}`, placeId: place.id, date: `2026-11-${String(index + 1).padStart(2, '0')}` },
  ...({ what: 'sighting', animal: 'red-fox', how: 'tracks' } as const),
}));

test.each([
  ['nights with nobody on the camera', quiet],
  ['a dozen sightings of one animal', foxes],
])('%s: the hold before is that of a place without a log', (_name, log) => {
  const now = judge(place, walks, { date, log });
  const without = judge(place, walks, { date });
  const moved = movedByLog(place, now.animals, log, date);
  const shift = Math.abs((now.hold.best ?? 0) - (without.hold.best ?? 0));
  if (shift < 1) {
    expect(moved).toBeUndefined();
    return;
  }
  expect(moved?.before.best).toBeCloseTo(without.hold.best ?? 0, 9);
  expect(moved?.before.worst).toBeCloseTo(without.hold.worst ?? 0, 9);
});

test('it is said whose visits did it, and which way', () => {
  const now = judge(place, walks, { date, log: foxes });
  const moved = movedByLog(place, now.animals, foxes, date);
  expect(moved?.animal).toBe('red-fox');
  expect(moved?.visits.now).toBeGreaterThan(moved?.visits.before ?? 0);
});

test('nothing logged, nothing said', () => {
  expect(movedByLog(place, judge(place, walks, { date }).animals, [], date)).toBeUndefined();
});
