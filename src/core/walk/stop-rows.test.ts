import { samphireYard } from '../../../demo/samphire-yard';
import { applyReadings } from '../records/apply-readings';
import type { Reading, Walk } from '../records/walk';
import { ageingOf, isDue } from '../rounds/ageing';
import { judge } from '../score/judge';
import { hangingOn } from './hanging';
import { isGauge, quickAnswer } from './quick-answer';
import { likeWalls, wallsAhead, withWhatFollows } from './alike-walls';
import { isLikeWall, sameAsLast } from './same-as';
import { rowsOf, toAffirm, toTouch } from './stop-rows';
import { stopsOf } from './stops';

const day = '2026-11-26';
const { place, walks, mends } = samphireYard;
const found = applyReadings(place, walks);
const { stops } = stopsOf(found, {}, day);
const judged = judge(place, walks, { date: day });
const due = ageingOf(found.place, found.provenance, mends, day).filter((it) => isDue(it, day));
const hangs = hangingOn(found.place, [judged], due);
const stop = (id: string) => {
  const it = stops.find((one) => one.id === id);
  if (!it) throw new Error(id);
  return it;
};
const ids = (rows: readonly { readonly question: { readonly id: string } }[]) =>
  rows.map(({ question }) => question.id);

test('north 2 hangs on its gaps, which lead the way in; a look is enough for the rest', () => {
  const rows = rowsOf(stop('n2'), undefined, hangs);
  expect(ids(toTouch(rows))).toEqual(expect.arrayContaining(['n2~ground.gapLifted']));
  expect(ids(toAffirm(rows))).toEqual(
    expect.arrayContaining(['n2~bay.panelPulled', 'n2~bay.largestHole']),
  );
  // What does not wear is one row.
  expect(ids(rows.madeOf)).toContain('n2~ground.soil');
  const all = [...rows.rows, ...rows.madeOf, ...rows.folded];
  expect(all).toHaveLength(stop('n2').questions.length);
});

test('what nobody knows has to be touched, or is folded where it changes nothing', () => {
  const rows = rowsOf(stop('s3'), undefined, hangs);
  const unread = ids(rows.rows.filter(({ state }) => state === 'unread'));
  expect(unread).toEqual(['s3~bay.panelPulled', 's3~bay.largestHole']);
  const folded = rowsOf(stop('n1'), undefined, hangs, () => true);
  expect(folded.folded).toEqual([]);
  const first = stopsOf(applyReadings(place, []), {}, day).stops.find(({ id }) => id === 'n1');
  if (!first) throw new Error('n1');
  expect(rowsOf(first, undefined, hangs, () => true).rows).toEqual([]);
});

test('what is only looked at is looked at each time', () => {
  const again = rowsOf(stop('distance'), undefined, () => false);
  expect(again.rows.every(({ state }) => state === 'unread')).toBe(true);
});

test('one tap says of an opening that a gauge which shuts out all that live here goes in nowhere', () => {
  const [gap] = stop('n2').questions;
  if (!gap) throw new Error('n2');
  const quick = quickAnswer(found.place, gap);
  // The strictest figure of those that live here: a rat’s, 10 mm and more.
  expect(isGauge(quick) && quick.to).toBe(10);
  expect(isGauge(quick) && quick.from).toBe(0);
  // Nothing says how deep a skirt should be, nor which latch it is.
  for (const { questions } of stops) {
    for (const question of questions) {
      if (['skirt.depth', 'latch.kind', 'layer.mesh'].includes(question.attribute)) {
        expect(quickAnswer(found.place, question)).toBeUndefined();
      }
      if (question.attribute === 'bay.condition') {
        expect(quickAnswer(found.place, question)).toEqual({ is: 'sound' });
      }
    }
  }
});

const reading = (
  item: string,
  attribute: Reading['attribute'],
  value: Reading['value'],
): Reading => ({
  ...{ id: `${item}-${attribute}`, item, attribute, value },
  ...{ how: 'measured', at: `${day}T09:00:00.000Z` },
});

const inHand = (...readings: Reading[]): Walk => ({
  ...{ id: `${day}-0009`, placeId: place.id, date: day, kind: 'lap', ended: false },
  readings,
});
/** The place as nobody has read it, with that walk in hand. */
const unread = (walk: Walk) => {
  const now = applyReadings(place, [walk]);
  return { place: now.place, stops: stopsOf(now, walk, day).stops };
};
const at = (walk: Walk, id: string) => {
  const it = unread(walk);
  const here = it.stops.find((one) => one.id === id);
  if (!here) throw new Error(id);
  return [it.place, it.stops, walk, here] as const;
};

test('another wall says nothing of gaps, holes and states, and nothing of a wall of another zone', () => {
  const walk = inHand(
    reading('w2', 'ground.gap', { is: 4 }),
    reading('w2', 'bay.condition', { is: 'sound' }),
    reading('w2', 'ground.soil', { is: 'firm' }),
    reading('h1', 'bay.fixing', { is: 'staples' }),
  );
  const [like, ...more] = likeWalls(...at(walk, 'w3'));
  expect(like?.bay).toBe('w2');
  expect(like?.readings.map(({ question }) => question.attribute)).toEqual(['ground.soil']);
  expect(more).toEqual([]);
  // The house’s back wall is no run wall, and is as its walls to the run.
  const after = stop('e2').questions.find(({ attribute }) => attribute === 'bay.fixing');
  expect(after && sameAsLast(found.place, stops, walk, after)?.bay).not.toBe('h1');
  expect(isLikeWall(place, 'h1', 'e2')).toBe(false);
  expect(isLikeWall(place, 'h1', 'hn')).toBe(true);
  expect(isLikeWall(place, 'w1', 's5')).toBe(true);
  expect(likeWalls(...at(walk, 'house-hn')).map(({ bay }) => bay)).toEqual(['h1']);
});

test('of walls ahead one tap says what this one is, until it is read there by hand', () => {
  const soil = reading('w1', 'ground.soil', { is: 'hard-surface' });
  const ahead = wallsAhead(...at(inHand(soil), 'w1'));
  // All other walls of the run, none of the house.
  expect(ahead.walls).toBe(12);
  expect(ahead.readings.every(({ question }) => question.attribute === 'ground.soil')).toBe(true);
  const filled = ahead.readings.map(({ question }) => ({
    ...reading(question.item, 'ground.soil', { is: 'hard-surface' }),
    how: 'looked' as const,
  }));
  expect(wallsAhead(...at(inHand(soil, ...filled), 'w1')).walls).toBe(0);
  // From south 1 on it is another: what was said by a look gives way, what was read by hand does not.
  const firm = reading('s1', 'ground.soil', { is: 'firm' });
  const byHand = reading('s4', 'ground.soil', { is: 'stony' });
  const on = wallsAhead(...at(inHand(soil, ...filled, firm, byHand), 's1'));
  expect(on.readings.map(({ question }) => question.item)).toEqual(['s2', 's3', 's5']);
});

test('two walls are offered where they say something else, the last first; none for what stands already', () => {
  const walk = inHand(
    reading('s1', 'skirt.depth', { is: 620 }),
    reading('s3', 'skirt.depth', { is: 330 }),
    { ...reading('s5', 'skirt.depth', { is: 330 }), how: 'looked' },
  );
  expect(likeWalls(...at(walk, 's4')).map(({ bay }) => bay)).toEqual(['s3', 's1']);
  expect(likeWalls(...at(walk, 's5')).map(({ bay }) => bay)).toEqual(['s1']);
  // A third is not offered: three would have to be read through.
  const three = inHand(
    reading('s1', 'skirt.depth', { is: 620 }),
    reading('s2', 'skirt.depth', { is: 450 }),
    reading('s3', 'skirt.depth', { is: 330 }),
  );
  expect(likeWalls(...at(three, 's4')).map(({ bay }) => bay)).toEqual(['s3', 's2']);
});

test('what is said of a wall brings what follows from it: a skirt has its mesh', () => {
  const walk = inHand(
    reading('s1', 'ground.soil', { is: 'firm' }),
    reading('s1', 'skirt.depth', { is: 620 }),
    reading('s1', 'skirt.mesh', { is: 'welded-13' }),
  );
  const said = withWhatFollows(place, [walk], walk, day, (now, of, w) => {
    const here = of.find(({ id }) => id === 's1');
    return here ? wallsAhead(now.place, of, w, here).readings : [];
  });
  expect(
    said.filter(({ question }) => question.item === 's2').map((it) => it.question.attribute),
  ).toEqual(expect.arrayContaining(['ground.soil', 'skirt.depth', 'skirt.mesh']));
  expect(new Set(said.map(({ question }) => question.id)).size).toBe(said.length);
});
