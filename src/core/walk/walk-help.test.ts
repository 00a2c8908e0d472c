/** What makes a walk shorter and surer: the bay before, what lasts, what was just found, time left, clocks that go back. */
import fc from 'fast-check';
import { samphireYard } from '../../../demo/samphire-yard';
import { applyReadings, latestReadings } from '../records/apply-readings';
import type { Reading, Walk } from '../records/walk';
import { judge } from '../score/judge';
import { lastingHere } from './as-last-time';
import { justFound } from './just-found';
import { lastEnded } from './open-walk';
import { outcomeOf } from './outcome';
import { restSameAsLast, sameAsLast } from './same-as';
import { nextDay, nextStamp } from './stamp';
import { stopsOf } from './stops';
import { minutesLeft } from './time-left';

const day = '2026-11-26';
const { place, walks } = samphireYard;
const found = applyReadings(place, walks);
const all = stopsOf(found, {}, day);
const { stops } = all;

const reading = (
  item: string,
  attribute: string,
  value: Reading['value'],
  second = 0,
): Reading => ({
  id: `${item}-${attribute}-${second}`,
  item,
  attribute: attribute as Reading['attribute'],
  at: new Date(Date.UTC(2026, 10, 26, 9, 0, second)).toISOString(),
  how: 'measured',
  value,
});
const walkOf = (...readings: Reading[]): Walk => ({
  id: `${day}-0009`,
  placeId: place.id,
  date: day,
  kind: 'lap',
  ended: false,
  readings,
});
const question = (id: string) => {
  const it = stops.flatMap(({ questions }) => questions).find((own) => own.id === id);
  if (!it) throw new Error(`no question ${id}`);
  return it;
};
const stop = (id: string) => {
  const it = stops.find((own) => own.id === id);
  if (!it) throw new Error(`no stop ${id}`);
  return it;
};

test('the bay before is offered once it has been read, for what bays have in common', () => {
  const walk = walkOf(
    reading('w1', 'ground.gap', { is: 8 }),
    reading('w1', 'ground.soil', { is: 'firm' }),
  );
  expect(sameAsLast(place, stops, walk, question('w2~ground.gap'))).toMatchObject({
    bay: 'w1',
    reading: { value: { is: 8 } },
  });
  expect(sameAsLast(place, stops, undefined, question('w2~ground.gap'))).toBeUndefined();
  // Not from a bay further back, and not of a door.
  expect(sameAsLast(place, stops, walk, question('w3~ground.gap'))).toBeUndefined();
  expect(sameAsLast(place, stops, walk, question('nest-lid~opening.gap'))).toBeUndefined();
  expect(restSameAsLast(place, stops, walk, stop('w2')).map((it) => it.question.id)).toEqual([
    'w2~ground.gap',
    'w2~ground.soil',
  ]);
});

test('what cannot be told is no model for the next bay', () => {
  const walk = walkOf(reading('w1', 'ground.gap', 'cannot-tell'));
  expect(sameAsLast(place, stops, walk, question('w2~ground.gap'))).toBeUndefined();
});

test('what a hand has to try is never as last time', () => {
  const kinds = new Set(
    stops.flatMap((it) => lastingHere(it, undefined)).map(({ attribute }) => attribute),
  );
  for (const kind of [
    'ground.gap',
    'ground.gapLifted',
    'bay.panelPulled',
    'bay.largestHole',
    'opening.gap',
    'opening.gapPulled',
    'bay.condition',
    'ground.digging',
    'strand.touching',
    'check',
  ]) {
    expect(kinds).not.toContain(kind);
  }
  expect(kinds).toContain('layer.mesh');
});

test('a reading that opens a way in is said at once; one that does not, is not', () => {
  const open = walkOf(reading('w2', 'ground.gap', { is: 60 }));
  const now = judge(place, [...walks, open], { date: day });
  const said = justFound(now.waysIn, open);
  expect(said?.way.bays).toContain('w2');
  expect(said?.by.map(({ animal }) => animal)).toContain('norway-rat');
  const shut = walkOf(reading('w2', 'ground.gap', { is: 4 }));
  expect(justFound(judge(place, [...walks, shut], { date: day }).waysIn, shut)).toBeUndefined();
  // A later reading elsewhere: the keeper has gone on.
  const on = walkOf(...open.readings, reading('w3', 'ground.gap', { is: 4 }, 1));
  expect(justFound(judge(place, [...walks, on], { date: day }).waysIn, on)).toBeUndefined();
});

test('time left falls with every reading, to nothing, and follows a slow walker', () => {
  const ids = stops.flatMap(({ questions }) => questions.map(({ id }) => id));
  let before = Infinity;
  for (let done = 0; done <= ids.length; done += 10) {
    const said = new Set(ids.slice(0, done));
    const minutes = minutesLeft(stops, undefined, (id) => said.has(id));
    expect(minutes).toBeLessThanOrEqual(before);
    before = minutes;
  }
  expect(minutesLeft(stops, undefined, () => true)).toBe(0);
  const slow = walkOf(
    ...Array.from({ length: 12 }, (_, n) => reading('w1', 'ground.gap', { is: 4 }, n * 21)),
  );
  const usual = minutesLeft(stops, undefined, () => false);
  expect(minutesLeft(stops, slow, () => false)).toBeGreaterThan(2 * usual);
});

test('a lap of twenty metres with a house is about a quarter of an hour the first time, and a third of that with nothing changed', () => {
  const first = stopsOf(applyReadings(place, []), {}, day).stops;
  const minutes = minutesLeft(first, undefined, () => false);
  expect(minutes).toBeGreaterThanOrEqual(8);
  expect(minutes).toBeLessThanOrEqual(16);
  expect(minutesLeft(stops, undefined, () => false)).toBeLessThanOrEqual(5);
});

test('a clock set back never makes a new reading older than one on record', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 0, max: 4e9 }), { minLength: 1, maxLength: 20 }),
      (clocks) => {
        let kept: Walk[] = [];
        for (const [index, clock] of clocks.entries()) {
          const at = nextStamp({ walks: kept, mends: [] }, new Date(1.7e12 + clock));
          const date = nextDay(kept, new Date(1.7e12 + clock).toISOString().slice(0, 10));
          const own = { ...reading('w2', 'ground.gap', { is: index }), id: `r${index}`, at };
          // Every reading in a walk of its own: the worst case.
          kept = [...kept, { ...walkOf(own), id: `w${index}`, date }];
        }
        const [latest] = latestReadings(kept).values();
        return latest?.reading.id === `r${clocks.length - 1}`;
      },
    ),
  );
});

test('the outcome: worse and better by the attribute’s own order, checks to see to, what was left', () => {
  const walk = walkOf(
    reading('n2', 'ground.gap', { is: 5 }),
    reading('w2', 'ground.gap', { is: 50 }, 1),
    reading('w2', 'bay.condition', { is: 'failing' }, 2),
    reading('outside', 'check.branches', { is: 'yes' }, 3),
    reading('outside', 'check.food', { is: 'no' }, 4),
    reading('w3', 'ground.gap', 'cannot-tell', 5),
    reading('flock', 'check.heads', { from: 5, to: 6 }, 6),
  );
  const outcome = outcomeOf(walk, [...walks, walk], all);
  expect(outcome.better.map(({ reading: { item } }) => item)).toEqual(['n2']);
  expect(outcome.worse.map(({ reading: { attribute } }) => attribute)).toEqual([
    'ground.gap',
    'bay.condition',
  ]);
  expect(outcome.toSeeTo.map(({ attribute }) => attribute)).toEqual(['check.branches']);
  expect(outcome.notTold.map(({ id }) => id)).toEqual(['w3~ground.gap']);
  const left = outcome.notLookedAt.reduce((sum, { questions }) => sum + questions.length, 0);
  expect(left).toBe(stops.reduce((sum, { questions }) => sum + questions.length, 0) - 7);
  expect(outcome.heads?.value).toEqual({ from: 5, to: 6 });
});

test('checks are recorded and change nothing of the judgement', () => {
  const walk = walkOf(
    ...['check.cover', 'check.leaning', 'check.branches', 'check.food', 'check.sign'].map((id, n) =>
      reading('outside', id, { is: 'yes' }, n),
    ),
    reading('gate-bolt', 'check.force', { is: 'finger' }, 9),
  );
  const { found: _a, known: _c, ...before } = judge(place, walks, { date: day });
  const { found: _b, known: _d, ...after } = judge(place, [...walks, walk], { date: day });
  expect(after).toEqual(before);
});

test('the last walk is the last by its day, in whatever order walks are kept', () => {
  const of = (id: string, date: string, ended: boolean): Walk => ({ ...walkOf(), id, date, ended });
  const kept = [of('b', '2026-11-01', true), of('a', '2026-10-01', true), of('c', day, false)];
  expect(lastEnded(kept, 'lap')?.id).toBe('b');
  expect(lastEnded([...kept].reverse(), 'lap')?.id).toBe('b');
  expect(lastEnded([of('c', day, false)], 'lap')).toBeUndefined();
});

test('an old walk is compared with what was known before it, not with what was read since', () => {
  const dated = (id: string, date: string, mm: number): Walk => ({
    ...walkOf({ ...reading('w2', 'ground.gap', { is: mm }), id: `${id}-r` }),
    id,
    date,
  });
  const [first, second, third] = [
    dated('a', '2026-11-01', 30),
    dated('b', '2026-11-10', 20),
    dated('c', '2026-11-20', 4),
  ] as const;
  const outcome = outcomeOf(second, [third, second, first], all);
  expect(outcome.worse).toEqual([]);
  expect(outcome.better[0]?.before.value).toEqual({ is: 30 });
});

test('cover in a window that is off for the season is asked about like a band’s', () => {
  const faces = place.faces.map((face) => ({
    ...face,
    bays: face.bays.map((bay) => ({
      ...bay,
      openings: bay.openings.map((opening) => ({
        ...opening,
        ...(opening.cover && {
          cover: opening.cover.map((layer) => ({ ...layer, on: { from: '06-01', to: '08-31' } })),
        }),
      })),
    })),
  }));
  const summery = applyReadings({ ...place, faces }, []);
  const covers = faces
    .flatMap(({ bays }) => bays)
    .flatMap(({ openings }) => openings.flatMap(({ cover = [] }) => cover.map(({ id }) => id)));
  const askedOf = (day_: string) =>
    stopsOf(summery, {}, day_)
      .stops.flatMap(({ questions }) => questions)
      .filter(({ item }) => covers.includes(item))
      .map(({ attribute }) => attribute);
  expect(covers.length).toBeGreaterThan(0);
  expect(new Set(askedOf(day))).toEqual(new Set(['check.dressed']));
  expect(askedOf('2026-07-01')).not.toContain('check.dressed');
});
