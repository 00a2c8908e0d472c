/** A line round everything, told at once, against the same line strung bay by bay. */
import { samphireYard } from '../../../../demo/samphire-yard';
import { applyReadings } from '../../records/apply-readings';
import { setAttribute } from '../../records/set-attribute';
import { judgeAll } from '../../score/judge-all';
import { countedIds } from '../../tests/new-ids';
import { allBays } from '../find';
import { lapOf } from '../lap';
import { lineBays, lineWalls } from '../line-bays';
import { isFixed } from '../opening-cover';
import type { Place } from '../place';
import { stringLine } from './string-line';

const found = applyReadings(samphireYard.place, samphireYard.walks).place;
const line = { heights: [152, 305, 457], standOff: 200, crossesDoors: 'yes' } as const;

const strung = (crossesDoors: 'yes' | 'no'): Place => ({
  ...stringLine(found, { ...line, crossesDoors }, countedIds()),
  fence: { id: 'fence', on: 'always', volts: { is: 6 } },
});

test('every outer wall on the ground carries all of its wires, and no other bay any', () => {
  const place = strung('yes');
  const round = new Set(
    lapOf(found)
      .bays.filter(({ bay }) => (bay.base ?? 0) === 0)
      .map(({ bay }) => bay.id),
  );
  expect(round.size).toBeGreaterThan(5);
  const ids = new Set<string>();
  for (const { bay } of allBays(place)) {
    const heights = bay.strands.map(({ height }) => height);
    const before = allBays(found).find((it) => it.bay.id === bay.id)?.bay.strands ?? [];
    if (round.has(bay.id)) expect(heights).toEqual(line.heights.map((mm) => ({ is: mm })));
    else expect(bay.strands).toEqual(before);
    for (const { id } of bay.strands) ids.add(id);
  }
  expect(ids.size).toBe(allBays(place).reduce((sum, { bay }) => sum + bay.strands.length, 0));
});

test('along some walls, it is strung there and taken away elsewhere', () => {
  const walls = lineWalls(found).map((wall) => wall.map(({ bay }) => bay.id));
  const along = new Set(walls[1]);
  expect(along.size).toBeGreaterThan(0);
  const place = stringLine(strung('yes'), { ...line, along }, countedIds());
  const carrying = lineBays(place).filter(({ strands }) => strands.length > 0);
  expect(carrying.map(({ id }) => id)).toEqual([...along]);
  // Wall by wall, and bay by bay, are the same bays in the same order.
  expect(walls.flat()).toEqual(lineBays(found).map(({ id }) => id));
});

test('whether it crosses the doors is told of each that opens', () => {
  for (const crosses of ['yes', 'no'] as const) {
    for (const { bay } of allBays(strung(crosses)).filter(({ bay: it }) => it.strands.length > 0)) {
      for (const opening of bay.openings.filter((it) => !isFixed(it))) {
        expect(opening.crossed).toEqual({ is: crosses });
      }
    }
  }
});

// Published: three wires against foxes (recalled from memory, as in the tables).
test('a fox meets it before gate, wall and frame alike; left out at the gate, not there', () => {
  const unlatched = (place: Place) =>
    ['gate-bolt', 'gate-clip'].reduce(
      (it, latch) => setAttribute(it, latch, 'latch.kind', { is: 'none' }),
      place,
    );
  const waysIn = (place: Place) =>
    judgeAll({ ...unlatched(place), setting: { ...place.setting, lives: ['red-fox'] } }, [])[
      'day-run'
    ].waysIn.map(({ bays }) => bays.join());
  const bare = waysIn(found);
  expect(bare.length).toBeGreaterThan(0);
  expect(waysIn(strung('yes'))).toEqual([]);
  expect(waysIn(strung('no'))).toEqual(bare);
});
