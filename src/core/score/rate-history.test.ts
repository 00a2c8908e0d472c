import { samphireYard } from '../../../demo/samphire-yard';
import type { LogEntry } from '../records/sighting';
import { animals } from '../tables/animals';
import { rateHistory } from './rate-history';
import { updated, usualVisits } from './visits';

const { place } = samphireYard;
const fox = animals['red-fox'];
const entry = { placeId: place.id, what: 'sighting', animal: 'red-fox', how: 'seen' } as const;
const quiet = { placeId: place.id, what: 'quiet-camera' } as const;

it('stands at what is usual before anything was logged', () => {
  const { usual, points } = rateHistory(place, fox, [], '2026-11-26');
  expect(usual).toBe(usualVisits(place, fox));
  expect(points).toEqual([{ date: '2026-11-26', visits: usual }]);
});

it('goes up with what is seen and down with quiet nights, a point a day, oldest first', () => {
  const log: LogEntry[] = [
    { ...quiet, id: 'c', date: '2026-11-20', nights: 14 },
    { ...entry, id: 'b', date: '2026-11-02' },
    { ...entry, id: 'a', date: '2026-11-01' },
    { ...entry, id: 'd', date: '2026-12-24' },
  ];
  const { usual, points } = rateHistory(place, fox, log, '2026-11-26');
  // What is logged for a day to come is not known yet.
  expect(points.map(({ date }) => date)).toEqual([
    '2026-11-01',
    '2026-11-02',
    '2026-11-20',
    '2026-11-26',
  ]);
  const [first, second, third] = points.map(({ visits }) => visits);
  expect(first).toBeGreaterThan(usual);
  expect(second).toBeGreaterThan(first ?? 0);
  expect(third).toBeLessThan(second ?? 0);
});

it('ends where the judgement reckons', () => {
  const log: LogEntry[] = [{ ...entry, id: 'a', date: '2026-11-01' }];
  const { usual, points } = rateHistory(place, fox, log, '2026-11-26');
  expect(points.at(-1)?.visits).toBe(updated(usual, fox, log, '2026-11-26'));
  // Gamma-Poisson by hand: shape 1 and one visit seen, over 1 ÷ usual and 25 nights of the keeper's own eyes.
  expect(points.at(-1)?.visits).toBeCloseTo(2 / (1 / usual + 0.15 * 25), 10);
});
