/** A first electric line as a mend: planned it is not there, volts at its far end make it hang and hold. */
import { firstLine } from '../fence/first-line';
import { withLine } from '../fence/with-line';
import { readPlaceFile } from '../formats/read-place-file';
import { writePlaceFile } from '../formats/place-file';
import { lineBays } from '../place/line-bays';
import { isStrung } from '../place/strand-there';
import type { Place } from '../place/place';
import { applyReadings } from '../records/apply-readings';
import type { Mend } from '../records/mend';
import { setAttribute } from '../records/set-attribute';
import type { Walk } from '../records/walk';
import { judge } from '../score/judge';
import { animals, type AnimalId } from '../tables/animals';
import { penPlace, type Pen } from '../tests/one-pen';
import { questionsOf } from '../walk/questions';
import { isAddedBy } from '../records/added-id';
import { addToPlace, removeFromPlace } from './added-items';
import { firstLineProposal } from './line-proposals';
import { buildProblem } from './plan/build-problem';
import { withMends } from './plan/with-mends';
import { plannedMend } from './propose';
import { questionsAgain } from './readings-again';
import { moveMend, reviewMends } from './review';
import { costOf } from './shopping/cost';
import { weakOf } from './shopping/weak-of';
import { catalogue } from './catalogue';

const at = '2026-06-01T10:00:00Z';

/** Hexagon netting on staples: a fox and a bear tear it. */
function bare(lives: readonly AnimalId[], pen: Pen = { mesh: 'hex-50', fixing: 'staples' }): Place {
  const { fence: _, ...place } = penPlace(lives, pen);
  return place;
}

function planned(place: Place): { readonly mend: Mend; readonly place: Place } {
  const proposal = firstLineProposal(place);
  if (!proposal) throw new Error('no line is offered');
  const mend = plannedMend(place, proposal, 'm', at);
  return { mend, place: addToPlace(place, mend) };
}

const chances = (place: Place) =>
  judge(place, [], { scenario: 'night-shut' }).animals.map(({ chance }) => chance);

const voltsRead = (item: string, kv: number): Walk => ({
  id: 'w',
  placeId: 'pen',
  date: '2026-06-02',
  kind: 'measure-again',
  ended: true,
  readings: [
    {
      id: 'r',
      item,
      attribute: 'fence.volts',
      at: '2026-06-02T10:00:00Z',
      how: 'measured',
      value: { is: kv },
    },
  ],
});

test('it is offered where something on foot that minds a shock gets in, and nowhere else', () => {
  const kinds = (place: Place) =>
    buildProblem(place, { year: 2026 }).candidates.map(({ mend }) => mend.kind);
  expect(kinds(bare(['red-fox']))).toContain('first-line');
  // What flies passes over it.
  expect(kinds(bare(['goshawk'], { mesh: 'hex-50', roof: 'hex-50' }))).not.toContain('first-line');
  expect(kinds(penPlace(['red-fox'], { mesh: 'hex-50', wires: [[150, 0]] }))).not.toContain(
    'first-line',
  );
  // Whom no low wire is trusted against is not among those it stops.
  const both = firstLineProposal(bare(['red-fox', 'goshawk']))?.weak.letsBy;
  expect(both).toEqual(['red-fox']);
  expect(firstLineProposal(penPlace(['red-fox'], { wires: [[150, 0]] }))).toBeUndefined();
});

test('planned it changes nothing: no chance, no question, no wire that hangs; its file opens', () => {
  const place = bare(['red-fox', 'black-bear']);
  const { place: standing } = planned(place);
  expect(chances(standing)).toEqual(chances(place));
  expect(questionsOf(standing)).toEqual(questionsOf(place));
  expect(isStrung(standing)).toBe(false);
  const text = writePlaceFile({ place: standing, walks: [], mends: [], sightings: [] });
  const read = readPlaceFile(text);
  expect('file' in read && read.file.place).toEqual(standing);
});

test('volts at the far end make it hang, and enough of them make it hold', () => {
  const { mend, place } = planned(bare(['red-fox']));
  const done = moveMend(mend, 'done', '2026-06-01T12:00:00Z');
  const needed = animals['red-fox'].shocked?.volts.value ?? NaN;
  const states = [needed, needed / 2].map((kv) => {
    const walk = voltsRead(mend.spot.item, kv);
    const found = applyReadings(place, [walk]).place;
    expect(isStrung(found)).toBe(true);
    const [moved] = reviewMends(place, [walk], [done], at, walk.id);
    return { state: moved?.state, chance: chances(found)[0]?.worst ?? NaN };
  });
  const [before] = chances(place);
  expect(states.map(({ state }) => state)).toEqual(['held', undefined]);
  expect(states[0]?.chance).toBeLessThan(states[1]?.chance ?? 0);
  expect(states[1]?.chance).toBeLessThan(before?.worst ?? 0);
});

test('read near the energizer, or described, it is there too', () => {
  const { mend, place } = planned(bare(['red-fox']));
  const near = setAttribute(place, mend.spot.item, 'check.voltsNear', { is: 3 });
  expect(isStrung(withLine(near))).toBe(true);
  const line = { energizer: { feed: 'mains' }, wire: 'steel-2', shape: 'open', back: 'ground' };
  const described = { ...place, fence: { id: mend.spot.item, on: 'always', line } } as Place;
  expect(isStrung(withLine(described))).toBe(true);
  expect(isStrung(withLine(place))).toBe(false);
});

test('measuring again asks one thing: the volts at the far end', () => {
  const { mend, place } = planned(bare(['red-fox']));
  expect(questionsAgain(place, mend).map(({ question }) => question.attribute)).toEqual([
    'fence.volts',
  ]);
});

test('dropped, the place is as it was; once read it stays', () => {
  const place = bare(['red-fox'], {
    mesh: 'hex-50',
    door: { latches: ['slide-bolt'], cover: 'solid-board' },
  });
  const [door] = place.faces[0]?.bays[0]?.openings ?? [];
  const { mend, place: standing } = planned(place);
  const dropped = removeFromPlace(standing, mend, false);
  const [after] = dropped.faces[0]?.bays[0]?.openings ?? [];
  // Whether a line crosses a door is said anew with the next line.
  const { crossed: _, ...asBefore } = door ?? { crossed: undefined };
  expect(after).toEqual(asBefore);
  expect(dropped.fence).toBeUndefined();
  expect(dropped.faces.map(({ bays }) => bays.map(({ strands }) => strands))).toEqual(
    place.faces.map(({ bays }) => bays.map(({ strands }) => strands)),
  );
  expect(isAddedBy(mend, mend.spot.item)).toBe(true);
  expect(removeFromPlace(standing, mend, true)).toBe(standing);
});

test('it takes what the first line takes, wire by wire, at the same sums', () => {
  const { mend, place } = planned(bare(['red-fox']));
  const weak = weakOf(place, mend);
  if (!weak) throw new Error('no spot');
  const wires = place.faces[0]?.bays[0]?.strands.length ?? 0;
  const kit = firstLine(lineBays(place), wires);
  const takes = catalogue['first-line'].takes(weak);
  expect(wires).toBeGreaterThan(0);
  expect(takes).toHaveLength(kit.lines.length);
  expect(costOf(takes)).toBe(kit.cents);
});

test('the plan reckons of it what the judgement says once it is read', () => {
  const place = bare(['red-fox', 'raccoon']);
  const { candidates, ready } = buildProblem(place, { year: 2026 });
  const line = candidates.find(({ mend }) => mend.kind === 'first-line')?.mend;
  if (!line) throw new Error('no line');
  const as = withMends(ready, [line]);
  expect(isStrung(as)).toBe(true);
  chances(as).forEach(({ worst }, index) =>
    expect(worst).toBeLessThan(chances(place)[index]?.worst ?? 0),
  );
});
