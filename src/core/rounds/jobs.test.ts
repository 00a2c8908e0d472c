import { samphireYard } from '../../../demo/samphire-yard';
import { applyReadings } from '../records/apply-readings';
import type { DueDone } from '../records/due-said';
import type { LogEntry } from '../records/sighting';
import type { Walk } from '../records/walk';
import { dueOf } from './due';
import { jobsOf } from './jobs';

const { place } = samphireYard;

const walk = (date: string, branches: 'yes' | 'no' | 'cannot-tell'): Walk => ({
  id: date,
  placeId: place.id,
  date,
  kind: 'lap',
  ended: true,
  readings: [
    {
      id: `r-${date}`,
      item: 'run',
      attribute: 'check.branches',
      at: `${date}T10:00:00Z`,
      how: 'measured',
      value: branches === 'cannot-tell' ? branches : { is: branches },
    },
  ],
});

const done = (date: string): DueDone => ({
  id: date,
  placeId: place.id,
  date,
  what: 'due-done',
  due: 'see-run-check.branches',
});

const jobs = (walks: Walk[], log: LogEntry[] = []) =>
  jobsOf(applyReadings(place, walks), walks, log).map(({ since, done: day }) => [since, day]);

test('a job is open since it was found first, over all that found it so', () => {
  expect(jobs([walk('2026-05-01', 'no')])).toEqual([]);
  expect(jobs([walk('2026-05-01', 'yes'), walk('2026-06-01', 'yes')])).toEqual([
    ['2026-05-01', undefined],
  ]);
  const again = [walk('2026-05-01', 'yes'), walk('2026-06-01', 'no'), walk('2026-07-01', 'yes')];
  expect(jobs(again)).toEqual([['2026-07-01', undefined]]);
});

test('said to be done it is done, and not over: that is for a reading to find', () => {
  const found = [walk('2026-05-01', 'yes')];
  expect(jobs(found, [done('2026-05-03')])).toEqual([['2026-05-01', '2026-05-03']]);
  expect(jobs([...found, walk('2026-05-10', 'no')], [done('2026-05-03')])).toEqual([]);
  // Looked at and found as it was: open again, though it was said to be done.
  expect(jobs([...found, walk('2026-05-10', 'yes')], [done('2026-05-03')])).toEqual([
    ['2026-05-01', undefined],
  ]);
  // Who could not tell has found nothing.
  expect(jobs([...found, walk('2026-05-10', 'cannot-tell')])).toEqual([['2026-05-01', undefined]]);
});

test('it falls due at once; done, it falls due to be looked at', () => {
  const walks = [walk('2026-05-01', 'yes')];
  const due = (log: LogEntry[]) =>
    dueOf({ found: applyReadings(place, walks), walks, mends: [], log, today: '2026-05-20' }).find(
      ({ of }) => of.kind === 'see-to',
    );
  expect(due([])).toMatchObject({ day: '2026-05-01', of: { wants: 'do' } });
  expect(due([done('2026-05-03')])).toMatchObject({ day: '2026-05-03', of: { wants: 'look' } });
});
