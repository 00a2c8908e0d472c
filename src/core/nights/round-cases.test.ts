/** How a round may go, against every combination of doors judged by itself. */
import fc from 'fast-check';
import '../tests/setup';
import { samphireYard } from '../../../demo/samphire-yard';
import { applyReadings } from '../records/apply-readings';
import type { Opening, Place } from '../place/place';
import type { Evening } from '../records/evening';
import type { Away } from '../records/spells';
import { judge } from '../score/judge';
import { judgeAll } from '../score/judge-all';
import { tonight, tonightBy } from '../score/tonight';
import { casesOf, roundOn, usualRound } from './round-cases';
import { doorsOfRound } from './shutters';

const date = '2026-11-20';
const found = applyReadings(samphireYard.place, samphireYard.walks).place;

const withDoors = (place: Place, change: (door: Opening) => Opening): Place => ({
  ...place,
  faces: place.faces.map((face) => ({
    ...face,
    bays: face.bays.map((bay) => ({ ...bay, openings: bay.openings.map(change) })),
  })),
});

/** Three doors of the round: one by cord, two that shut by themselves. */
const three = withDoors(found, (door) => {
  if (door.id === 'gate') return { ...door, byDay: 'open', shutBy: 'light' };
  return door.id === 'nest-lid' ? { ...door, byDay: 'open', shutBy: 'light' } : door;
});

test('the demo’s one door is shut or open', () => {
  expect(usualRound(found, []).cases).toEqual([
    { open: new Set(), chance: 0.98 },
    { open: new Set(['pop-door']), chance: 0.02 },
  ]);
});

test('tonight is every combination of doors, each judged with those doors standing open, weighed by its chance', () => {
  const doors = doorsOfRound(three).map(({ id }) => id);
  expect(doors).toHaveLength(3);
  const chances: Readonly<Record<string, number>> = {
    'pop-door': 0.2,
    gate: 0.3,
    'nest-lid': 0.4,
  };
  const all = judgeAll(three, [], { date });
  const blend = tonightBy(
    all,
    casesOf(doors.map((id) => ({ doors: [id], chance: chances[id] ?? 0 }))),
  );
  let hold = 0;
  for (let mask = 0; mask < 8; mask += 1) {
    const open = new Set(doors.filter((_, index) => mask & (1 << index)));
    const chance = doors.reduce(
      (product, id) => product * (open.has(id) ? (chances[id] ?? 0) : 1 - (chances[id] ?? 0)),
      1,
    );
    // Habit leaves these open: another road through the model to the same night.
    const place = withDoors(three, (door) =>
      open.has(door.id) ? { ...door, habit: 'never' } : door,
    );
    hold += chance * (judge(place, [], { date }).hold.best ?? 0);
  }
  expect(blend.hold.best).toBeCloseTo(hold, 9);
});

test('chances of all cases add up to one, whatever shuts', () => {
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { maxLength: 7 }),
      (chances) => {
        const { cases, missed } = casesOf(
          chances.map((chance, index) => ({ doors: [`d${index}`], chance })),
        );
        const sum = cases.reduce((all, { chance }) => all + chance, 0);
        expect(sum).toBeCloseTo(1, 9);
        const none = chances.reduce((all, chance) => all * (1 - chance), 1);
        expect(missed).toBeCloseTo(1 - none, 9);
        expect(cases.length).toBeLessThanOrEqual(16);
      },
    ),
  );
});

const evening = (was: 'shut' | 'open'): Evening => ({
  ...{ id: was, placeId: 'p', date, what: 'evening', told: 'evening', at: `${date}T17:00:00Z` },
  ...{ doors: [{ opening: 'pop-door', was }], counts: [] },
});

test('what was said of tonight stands: shut is the shut night, open the open one', () => {
  const hold = (log: readonly Evening[]) => tonight(judgeAll(found, [], { date, log })).hold;
  const all = judgeAll(found, [], { date });
  expect(hold([evening('shut')])).toEqual(all['night-shut'].hold);
  expect(hold([evening('open')])).toEqual(all['left-open'].hold);
  expect(hold([]).best).toBeLessThan(all['night-shut'].hold.best ?? 0);
});

test('away with nobody to cover the doors stand open; with a cover, by their log', () => {
  const away = (more: Partial<Away>): Away => ({
    ...{ id: 'a', placeId: 'p', what: 'away', date: '2026-11-19', until: '2026-11-21' },
    ...more,
  });
  expect(roundOn(found, [away({})], date).missed).toBe(1);
  expect(roundOn(found, [away({ covers: 'Neighbour' })], date).missed).toBe(0.02);
  expect(roundOn(found, [away({ covers: 'Neighbour', doors: [] })], date).missed).toBe(1);
  // Over: as ever; and never in what is usual.
  expect(roundOn(found, [away({})], '2026-11-22').missed).toBe(0.02);
  expect(usualRound(found, [away({})]).missed).toBe(0.02);
});
