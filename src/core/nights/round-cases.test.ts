/** How a round may go, against every combination of doors judged by itself. */
import fc from 'fast-check';
import '../tests/setup';
import { samphireYard } from '../../../demo/samphire-yard';
import { applyReadings } from '../records/apply-readings';
import type { Opening, Place } from '../place/place';
import type { DoorState, Evening } from '../records/evening';
import type { Away } from '../records/spells';
import { daysLater } from '../schema/day';
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
    casesOf(doors.map((id) => [{ doors: [id], chance: chances[id] ?? 0 }])),
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
          chances.map((chance, index) => [{ doors: [`d${index}`], chance }]),
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

/** Evenings of two doors, one after the other. */
const evenings = (said: readonly (readonly [pop: DoorState, gate: DoorState])[]): Evening[] =>
  said.map(([pop, gate], index): Evening => ({
    ...evening('shut'),
    ...{ id: `e${index}`, date: daysLater('2026-01-01', index) },
    doors: [
      { opening: 'pop-door', was: pop },
      { opening: 'gate', was: gate },
    ],
  }));

test('of two doors, the one that the log has seen forgotten alone is forgotten alone as often', () => {
  const two = withDoors(found, (door) => (door.id === 'gate' ? { ...door, byDay: 'open' } : door));
  const log = evenings([
    ...Array.from({ length: 46 }, () => ['shut', 'shut'] as const),
    ...Array.from({ length: 3 }, () => ['shut', 'open'] as const),
    ['open', 'open'],
  ]);
  const { cases, missed } = usualRound(two, log);
  // Dirichlet over shut, all, the gate: prior 49 and 1 of 50 evenings, then what was seen (closed form).
  const chances = new Map(cases.map(({ open, chance }) => [[...open].sort().join(), chance]));
  expect(chances.get('gate,pop-door')).toBeCloseTo((1 + 1) / 100, 12);
  expect(chances.get('gate')).toBeCloseTo(3 / 100, 12);
  expect(chances.get('')).toBeCloseTo(95 / 100, 12);
  expect(missed).toBeCloseTo(5 / 100, 12);
});

test('a drive that is fitted begins with a log of its own; what was shut by hand is the person’s', () => {
  const driven = withDoors(found, (door) =>
    door.id === 'pop-door' ? { ...door, shutBy: 'light' } : door,
  );
  const log = (shutBy: 'hand' | 'light') =>
    Array.from({ length: 50 }, (_, index): Evening => ({
      ...evening('open'),
      ...{ id: `e${index}`, date: daysLater('2026-01-01', index) },
      doors: [{ opening: 'pop-door', was: 'open', shutBy }],
    }));
  expect(usualRound(driven, log('hand')).missed).toBeCloseTo(0.01, 12);
  expect(usualRound(driven, log('light')).missed).toBeCloseTo((0.5 + 50) / 100, 12);
  // The same log of the same door, before: neither is taken for the other's.
  expect(usualRound(found, log('hand')).missed).toBeCloseTo((1 + 50) / 100, 12);
});
