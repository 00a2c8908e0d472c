import { samphireYard } from '../../../demo/samphire-yard';
import { applyReadings } from '../records/apply-readings';
import type { Reading, Walk } from '../records/walk';
import { ageingOf, isDue } from '../rounds/ageing';
import { judge } from '../score/judge';
import { hangingOn } from './hanging';
import { isGauge, quickAnswer } from './quick-answer';
import { alikeAsLast, sameAsLast } from './same-as';
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

test('the bay before says nothing of gaps and holes, and nothing of a wall of another kind', () => {
  const walk: Walk = {
    ...{ id: `${day}-0009`, placeId: place.id, date: day, kind: 'lap', ended: false },
    readings: [
      reading('w2', 'ground.gap', { is: 4 }),
      reading('w2', 'ground.soil', { is: 'firm' }),
      reading('h1', 'bay.fixing', { is: 'staples' }),
    ],
  };
  const alike = alikeAsLast(found.place, stops, walk, stop('w3')).map(
    ({ question }) => question.attribute,
  );
  expect(alike).toContain('ground.soil');
  expect(alike).not.toContain('ground.gap');
  // The house’s back wall is no run wall.
  const after = stop('e2').questions.find(({ attribute }) => attribute === 'bay.fixing');
  expect(after && sameAsLast(found.place, stops, walk, after)?.bay).not.toBe('h1');
});
