import { samphireYard } from '../../demo/samphire-yard';
import { tamarackBank } from '../../demo/tamarack-bank';
import { applyReadings } from '@/core/records/apply-readings';
import { attributeIds, attributes, type AttributeId } from '@/core/attributes';
import { isToSeeTo } from '@/core/walk/outcome';
import type { Place } from '@/core/place/place';
import { judge } from '@/core/score/judge';
import { justFound } from '@/core/walk/just-found';
import { stopsOf } from '@/core/walk/stops';
import { openNow } from './open-now-words';
import { answerWords, questionWords } from './attributes';
import { readingTitle } from './reading-words';
import { rowWords } from './row-words';
import { leavesOut, sectionCaution, purposeNames, stopName } from './walk-words';

const day = '2026-11-26';
const found = applyReadings(samphireYard.place, samphireYard.walks);
const stopsIn = ({ place, walks }: typeof samphireYard) =>
  stopsOf(applyReadings(place, walks), {}, day).stops;

test('every question of both demos has a title, what to do, and a name for the button', () => {
  for (const demo of [samphireYard, tamarackBank]) {
    const { place } = applyReadings(demo.place, demo.walks);
    for (const question of stopsIn(demo).flatMap(({ questions }) => questions)) {
      const { title, todo, short } = questionWords(question, place);
      for (const text of [title, todo, short]) {
        expect(text).not.toBe('');
        expect(text).not.toMatch(/undefined|\bcheck\./);
      }
      // One screen of a phone.
      expect(title.length).toBeLessThan(56);
      expect(todo.length).toBeLessThan(190);
    }
  }
});

test('every attribute has words without its question, and every answer a name of its own', () => {
  for (const id of attributeIds) {
    const { title } = questionWords({ item: '', attribute: id }, samphireYard.place);
    expect(title).toMatch(/[a-z]/);
    expect(title).not.toMatch(/undefined/);
    const attribute = attributes[id];
    if (attribute.value !== 'choice') continue;
    const names = attribute.choices.map((it) => answerWords(samphireYard.place, id, it)[0]);
    expect(new Set(names).size).toBe(names.length);
  }
});

test('the roosts of one stop are told apart by their walls, and so is what is asked of each', () => {
  const { place } = applyReadings(tamarackBank.place, []);
  const inside = stopsOf(applyReadings(tamarackBank.place, []), {}, day).stops.find(
    ({ id }) => id === 'inside-hoop',
  );
  const roosts = (inside?.questions ?? []).filter(({ attribute }) => attribute === 'bay.roost');
  const rows = roosts.map((it) => rowWords(place, it));
  expect(rows[0]).toMatch(/^Nearest roost: \w/);
  expect(new Set(rows).size).toBe(roosts.length);
  const titles = roosts.map((it) => questionWords(it, place).title);
  expect(new Set(titles).size).toBe(roosts.length);
  expect(inside && stopName(place, inside)).toBe('hoop pen');
});

test('only the worst answer is to be seen to', () => {
  expect(isToSeeTo('check.branches', 'yes')).toBe(true);
  expect(isToSeeTo('check.branches', 'no')).toBe(false);
  expect(isToSeeTo('check.wayOut', 'no')).toBe(true);
  expect(isToSeeTo('check.wayOut', 'yes')).toBe(false);
  expect(isToSeeTo('check.lamp', 'safe')).toBe(false);
  expect(isToSeeTo('check.lamp', 'at-risk')).toBe(true);
  // A cover left on is no fault.
  expect(isToSeeTo('check.dressed', 'on')).toBe(false);
});

test('a short walk says how many readings it leaves out, and of what', () => {
  const all = stopsIn(samphireYard).flatMap(({ questions }) => questions);
  const storm = stopsOf(found, { purpose: 'storm' }, day).stops.flatMap((stop) => stop.questions);
  const said = leavesOut(all, storm) ?? '';
  expect(said).toContain(`${all.length - storm.length} readings`);
  expect(said).toMatch(/soil/);
  expect(said).not.toMatch(/pull tests/);
  expect(leavesOut(all, all)).toBeUndefined();
});

test('stops are named as one would say them, and no two of a section alike', () => {
  for (const demo of [samphireYard, tamarackBank]) {
    const { place } = applyReadings(demo.place, demo.walks);
    const stops = stopsIn(demo);
    const names = stops.map((stop) => `${stop.section} ${stopName(place, stop)}`);
    expect(new Set(names).size).toBe(names.length);
  }
});

const todoOf = (attribute: AttributeId, place: Place) =>
  questionWords({ item: '', attribute }, place).todo;

test('the usual cautions stand where work can hurt (common practice)', () => {
  const { place } = applyReadings(tamarackBank.place, tamarackBank.walks);
  expect(sectionCaution('overhead', place)).toMatch(/ladder/i);
  expect(sectionCaution('fence', place)).toMatch(/energizer/);
  expect(sectionCaution('house', place)).toMatch(/Droppings/);
  expect(sectionCaution('house', place)).toMatch(/vet/);
  expect(todoOf('check.lamp', place)).toMatch(/fire/);
  expect(todoOf('check.voltsNear', place)).toMatch(/Never by hand/);
});

test('what was just found open is said with the animal, the bay and something for tonight', () => {
  const reading = {
    id: 'r',
    item: 'w2',
    attribute: 'ground.gap',
    at: `${day}T09:00:00.000Z`,
    how: 'measured',
    value: { is: 60 },
  } as const;
  const walk = {
    id: 'w',
    placeId: samphireYard.place.id,
    date: day,
    kind: 'lap',
    ended: false,
    readings: [reading],
  } as const;
  const judgement = judge(samphireYard.place, [...samphireYard.walks, walk], { date: day });
  const just = justFound(judgement.waysIn, walk);
  if (!just) throw new Error('nothing found');
  const { title, tonight } = openNow(judgement.found.place, just);
  expect(title).toMatch(/rats can get in by west 2$/i);
  expect(tonight).toMatch(/stones or a board/);
});

test('a reading is named with where it was taken', () => {
  expect(readingTitle(found.place, { item: 'n2', attribute: 'ground.gap' })).toBe(
    'Gap under the sill, north 2',
  );
  expect(readingTitle(found.place, { item: 'outside', attribute: 'check.branches' })).toBe(
    'Branches over it?',
  );
  expect(readingTitle(found.place, { item: 'gate-bolt', attribute: 'check.force' })).toMatch(
    /^slide bolt of the gate: How hard/,
  );
});

test('every purpose has a name and says what it is for', () => {
  for (const [name, note] of Object.values(purposeNames)) {
    expect(name.length).toBeGreaterThan(5);
    expect(note.length).toBeGreaterThan(5);
  }
});
