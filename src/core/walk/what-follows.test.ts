import { samphireYard } from '../../../demo/samphire-yard';
import { applyReadings } from '../records/apply-readings';
import type { Reading, Walk } from '../records/walk';
import { readingIn } from './open-walk';
import type { Question } from './questions';
import { rowsOf } from './stop-rows';
import { stopsOf } from './stops';
import { isGauge, quickAnswer } from './quick-answer';
import { doubtedBy, readNext, toReadSingly, answeredTogether } from './what-follows';

const day = '2026-11-26';
const { place } = samphireYard;

type Told = Pick<Reading, 'item' | 'attribute' | 'value' | 'how'>;

function at(id: string, ...readings: Told[]) {
  const walk: Walk = {
    ...{ id: `${day}-0009`, placeId: place.id, date: day, kind: 'lap', ended: false },
    readings: readings.map((it, n) => ({ ...it, id: `r${n}`, at: `${day}T09:00:00.000Z` })),
  };
  const found = applyReadings(place, [walk]);
  const stop = stopsOf(found, walk, day).stops.find((it) => it.id === id);
  if (!stop) throw new Error(id);
  const { rows } = rowsOf(stop, walk, () => false);
  const question = (attribute: string, item?: string): Question => {
    const it = stop.questions.find(
      (one) => one.attribute === attribute && (item === undefined || one.item === item),
    );
    if (!it) throw new Error(attribute);
    return it;
  };
  const next = (after: Question) =>
    readNext(found.place, stop.questions, after, (it) => !readingIn(walk, it))?.attribute;
  return { stop, walk, rows, question, next, place: found.place };
}

test('one by one is read what nothing is usual of; gaps and states are said together', () => {
  const { rows, place: now } = at('w1');
  const singly = toReadSingly(now, rows).map(({ question }) => question.attribute);
  const together = answeredTogether(now, rows).map(({ question }) => question.attribute);
  expect(singly).toEqual(expect.arrayContaining(['ground.soil', 'layer.mesh', 'latch.kind']));
  expect(together).toEqual(
    expect.arrayContaining(['ground.gap', 'opening.gapPulled', 'bay.condition', 'opening.hinges']),
  );
  expect(singly.filter((it) => together.includes(it))).toEqual([]);
});

test('after one of these the next opens; after a gap that is off the same gap lifted, never what the gauge was tried in before', () => {
  const w1 = at('w1');
  expect(w1.next(w1.question('ground.soil'))).toBe('skirt.depth');
  expect(w1.next(w1.question('ground.gap'))).toBe('ground.gapLifted');
  expect(w1.next(w1.question('ground.gapLifted'))).toBeUndefined();
  expect(w1.next(w1.question('opening.gap'))).toBe('opening.gapPulled');
  expect(w1.next(w1.question('opening.gapPulled'))).toBeUndefined();
});

test('how near a roost comes is asked last, and only where something reaches in', () => {
  const hn = at('house-hn');
  expect(hn.stop.questions.map(({ attribute }) => attribute)).toContain('bay.roost');
  const asked = toReadSingly(hn.place, hn.rows).map(({ question }) => question.attribute);
  expect(asked).not.toContain('bay.roost');
  // All that is said together is: but for one hole, through which a paw goes in.
  const said = (hole: number) =>
    at(
      'house-hn',
      ...hn.stop.questions.flatMap(({ item, attribute }): Told[] => {
        const told = { item, attribute, how: 'measured' as const };
        if (attribute === 'bay.roost') return [];
        if (attribute === 'bay.largestHole') return [{ ...told, value: { is: hole } }];
        if (attribute === 'layer.mesh') return [{ ...told, value: { is: 'solid-board' } }];
        const value = quickAnswer(place, { ...hn.question(attribute, item) });
        return value ? [{ ...told, value: isGauge(value) ? { is: 0 } : value }] : [];
      }),
    );
  const open = said(80);
  const left = toReadSingly(open.place, open.rows).map(({ question }) => question.attribute);
  expect(left).toEqual(['bay.roost']);
  expect(said(0).stop.questions.map(({ attribute }) => attribute)).not.toContain('bay.roost');
});

test('a mesh of a known kind needs no figure of its own', () => {
  const it = at('n1', {
    ...{ item: 'n1-low-1', attribute: 'layer.mesh', how: 'measured' },
    value: { is: 'hex-25' },
  });
  const clear = it.rows.find(({ question }) => question.id === 'n1-low-1~layer.clear');
  expect(clear?.state).toBe('spared');
  // Nor does it open after its mesh: the other band’s mesh does.
  expect(it.next(it.question('layer.mesh', 'n1-low-1'))).toBe('layer.mesh');
  // The other band’s mesh is not known, so its opening is not either.
  const other = it.rows.find(({ question }) => question.id === 'n1-high-1~layer.clear');
  expect(other?.state).toBe('unread');
});

test('where another wall’s skirt was put right, how far it reaches out is doubted too', () => {
  const looked = { how: 'looked' as const, item: 's3' };
  const s3 = at(
    's3',
    { ...looked, attribute: 'ground.soil', value: { is: 'firm' } },
    { ...looked, attribute: 'skirt.depth', value: { is: 620 } },
    { ...looked, attribute: 'skirt.outward', value: { is: 320 } },
    { ...looked, attribute: 'skirt.mesh', value: { is: 'welded-13' } },
  );
  const isSaid = (it: Question) => readingIn(s3.walk, it)?.how === 'looked';
  const doubted = (attribute: string) =>
    doubtedBy(s3.stop.questions, s3.question(attribute), isSaid)?.attribute;
  expect(doubted('skirt.depth')).toBe('skirt.outward');
  expect(doubted('skirt.outward')).toBeUndefined();
  expect(doubted('ground.soil')).toBeUndefined();
});
