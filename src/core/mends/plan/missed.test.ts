/** Rounds that are missed, in the plan: what it reckons of every mend is what the judgement says of the place with it made. */
import '../../tests/setup';
import { samphireYard } from '../../../../demo/samphire-yard';
import type { DoorState, Evening } from '../../records/evening';
import { applyReadings } from '../../records/apply-readings';
import type { ShutBy } from '../../tables/shutting';
import type { Opening, Place } from '../../place/place';
import { daysLater } from '../../schema/day';
import { lossesOfYear } from '../../score/losses';
import { buildProblem } from './build-problem';
import { lossWith } from './loss';
import { withMends } from './with-mends';

const found = applyReadings(samphireYard.place, samphireYard.walks).place;

const withDoors = (doors: Readonly<Record<string, Partial<Opening>>>): Place => ({
  ...found,
  faces: found.faces.map((face) => ({
    ...face,
    bays: face.bays.map((bay) => ({
      ...bay,
      openings: bay.openings.map((it) => ({ ...it, ...doors[it.id] })),
    })),
  })),
});

/** So many evenings as each says, one after the other. */
function evenings(
  shutBy: Readonly<Record<string, ShutBy>>,
  ...said: readonly (readonly [number, Readonly<Record<string, DoorState>>])[]
): Evening[] {
  const all = said.flatMap(([many, doors]) => Array.from({ length: many }, () => doors));
  return all.map((doors, index): Evening => {
    const date = daysLater('2026-01-01', index);
    return {
      ...{ id: `e${index}`, placeId: found.id, date, what: 'evening', told: 'evening' },
      ...{ at: `${date}T17:00:00Z`, counts: [] },
      doors: Object.entries(doors).map(([opening, was]) => ({
        opening,
        was,
        shutBy: shutBy[opening] ?? 'hand',
      })),
    };
  });
}

const both = (pop: DoorState, gate: DoorState) => ({ 'pop-door': pop, gate });

const places: readonly (readonly [string, Place, Evening[]])[] = [
  [
    'two doors of one person, of which the gate is forgotten by itself',
    withDoors({ gate: { byDay: 'open' } }),
    evenings({}, [40, both('shut', 'shut')], [3, both('shut', 'open')], [1, both('open', 'open')]),
  ],
  [
    'a door that shuts itself beside one that is shut by hand',
    withDoors({ 'pop-door': { shutBy: 'light' }, gate: { byDay: 'open' } }),
    evenings({ 'pop-door': 'light' }, [20, both('shut', 'shut')], [2, both('open', 'shut')]),
  ],
  ['a pop door that nobody shuts', withDoors({ 'pop-door': { habit: 'never' } }), []],
  [
    'a gate that falls shut with nobody to fasten it',
    withDoors({ gate: { byDay: 'open', letGo: 'two-closers' } }),
    evenings({}, [20, both('shut', 'shut')], [2, both('open', 'shut')]),
  ],
  [
    'a gate that stands open day and night beside a round that is often missed',
    withDoors({ gate: { byDay: 'open', habit: 'cold-or-storms' } }),
    evenings({}, [10, { 'pop-door': 'shut' }], [5, { 'pop-door': 'open' }]),
  ],
  [
    'a gate that falls shut and has nothing to fasten',
    withDoors({ gate: { byDay: 'open', letGo: 'two-closers', latches: [] } }),
    evenings({}, [20, both('shut', 'shut')], [2, both('open', 'shut')]),
  ],
  [
    'a gate that stands open day and night, and would fall shut with nothing to fasten',
    withDoors({
      'pop-door': { habit: 'never' },
      gate: { byDay: 'open', habit: 'cold-or-storms', letGo: 'two-closers', latches: [] },
    }),
    [],
  ],
];

const ofRoundKinds = [
  ...['spring-closer', 'shut-nightly', 'shut-by-day', 'light-door'],
  ...['two-motion-latch', 'clip-through-hasp', 'padlock'],
];

test.each(places)(
  '%s: each mend alone, and every two that touch the round, come to what is judged of them',
  (_name, place, log) => {
    const { problem, candidates, ready } = buildProblem(place, { log, year: 2026 });
    const ofRound = candidates.flatMap(({ mend: { kind } }, index) =>
      ofRoundKinds.includes(kind) ? [index] : [],
    );
    expect(ofRound.length).toBeGreaterThan(0);
    const sets = [
      [],
      ...candidates.map((_, index) => [index]),
      ...ofRound.flatMap((a) => ofRound.filter((b) => b > a).map((b) => [a, b])),
    ];
    for (const set of sets) {
      if (
        set.some((it) =>
          candidates[it]?.excludes.some((id) => set.some((b) => candidates[b]?.id === id)),
        )
      )
        continue;
      const mends = set.flatMap((it) => candidates[it]?.mend ?? []);
      const { birds } = lossesOfYear(withMends(ready, mends), [], { log }, 2026);
      expect([set, lossWith(problem, set).toFixed(6)]).toEqual([set, birds.low.toFixed(6)]);
    }
  },
);

describe('what holds a door that nobody has fastened', () => {
  const gate = { byDay: 'open' } as const;
  const clip = [{ id: 'l', kind: { is: 'clip' } }] as const;
  const lever = [{ id: 'l', kind: { is: 'lever' } }] as const;
  const at = (doors: Readonly<Record<string, Partial<Opening>>>, kind: string) =>
    buildProblem(withDoors(doors), { log: [], year: 2026 }).candidates.find(
      ({ mend }) => mend.kind === kind,
    );

  test('two closers bring a latch that catches where the gate has none; where it has one they do not', () => {
    const bare = at({ gate: { ...gate, latches: clip } }, 'spring-closer');
    const has = at({ gate: { ...gate, latches: lever } }, 'spring-closer');
    expect(bare?.mend.targets).toContainEqual(
      expect.objectContaining({ attribute: 'latch.kind', value: { is: 'two-motion' } }),
    );
    expect(has?.mend.targets.map(({ attribute }) => attribute)).toEqual(['opening.letGo']);
    expect(bare?.cents).toBeGreaterThan(has?.cents ?? Infinity);
  });

  test('on one that falls shut already a latch that catches is offered, and none that a hand fastens', () => {
    const fallen = { gate: { ...gate, letGo: 'two-closers', latches: clip } } as const;
    expect(at(fallen, 'two-motion-latch')).toBeDefined();
    expect(at(fallen, 'clip-through-hasp')).toBeUndefined();
    expect(at(fallen, 'padlock')).toBeUndefined();
  });

  test('a drive takes off what a hand fastens, and no such latch is bought beside it', () => {
    const drive = at({ 'pop-door': { latches: clip } }, 'light-door');
    expect(drive?.mend.targets).toContainEqual({
      item: 'l',
      attribute: 'latch.kind',
      value: { is: 'none' },
    });
    const bare = { 'pop-door': { latches: [], moves: 'swings' } } as const;
    const latch = at(bare, 'clip-through-hasp');
    expect(latch?.excludes).toContain(at(bare, 'light-door')?.id);
  });
});
