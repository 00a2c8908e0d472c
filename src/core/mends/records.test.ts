/** Jobs half done, and records in the order of time. */
import { samphireYard } from '../../../demo/samphire-yard';
import { judge } from '../score/judge';
import type { Mend } from '../records/mend';
import { aMend } from '../tests/a-mend';
import { halfDone } from './half-done';
import { timeline } from './timeline';

const { place, walks, sightings } = samphireYard;
const judgement = judge(place, walks, { date: '2026-11-26', log: sightings });

const mend = (id: string, state: Mend['state'], stops: Mend['stops']): Mend =>
  aMend('sill-board', 'n2', {
    id,
    stops,
    state,
    history: [
      { state: 'planned', at: '2026-11-01T08:00:00Z' },
      ...(state === 'planned' ? [] : [{ state, at: '2026-11-03T08:00:00Z' }]),
    ],
  });

test('three sides of four: the animal still comes in, and by which way is said', () => {
  const mends = [
    mend('a', 'held', ['norway-rat']),
    mend('b', 'done', ['norway-rat']),
    mend('c', 'planned', ['norway-rat']),
  ];
  const [job, ...more] = halfDone(judgement, mends);
  expect(more).toEqual([]);
  expect([job?.animal, job?.made.length, job?.left.length]).toEqual(['norway-rat', 2, 1]);
  const ways = judgement.waysIn.flatMap(({ by }) => by).filter((it) => it.animal === 'norway-rat');
  expect(ways.map(({ route }) => route.steps.map(({ bay }) => bay.id))).toContainEqual(job?.way);
});

test('not begun, all made, or kept out already is not half done', () => {
  expect(halfDone(judgement, [mend('a', 'planned', ['norway-rat'])])).toEqual([]);
  expect(halfDone(judgement, [mend('a', 'held', ['norway-rat'])])).toEqual([]);
  const others = [mend('a', 'held', ['bobcat']), mend('b', 'planned', ['bobcat'])];
  expect(halfDone(judgement, others)).toEqual([]);
});

test('everything recorded stands in the timeline once, the newest first', () => {
  const mends = [mend('a', 'held', []), mend('b', 'planned', [])];
  const purchases = [{ id: 'p', date: '2026-11-02', mends: ['a'], cents: 1, cuttings: [] }];
  const events = timeline({ walks, mends, sightings, purchases }, (at) => at.slice(0, 10));
  expect(events).toHaveLength(walks.length + sightings.length + 3 + 1);
  const dates = events.map(({ date }) => date);
  expect(dates).toEqual([...dates].sort().reverse());
  expect(events.slice(0, 2).map(({ kind }) => kind)).toEqual(['mend', 'bought']);
});

test('what was done in the evening stands on that day, not on the meridian’s next', () => {
  const evening: Mend = {
    ...mend('a', 'done', []),
    history: [{ state: 'done', at: '2026-11-03T01:30:00Z' }],
  };
  const nothing = { walks: [], sightings: [], purchases: [] };
  const fourHoursBehind = (at: string) =>
    new Date(Date.parse(at) - 4 * 3_600_000).toISOString().slice(0, 10);
  const [event] = timeline({ ...nothing, mends: [evening] }, fourHoursBehind);
  expect(event?.date).toBe('2026-11-02');
});
