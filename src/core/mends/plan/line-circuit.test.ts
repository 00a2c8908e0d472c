/** Mends of a described line's circuit and of its wires: each and all together come to what is judged; each helps where it is wanted. */
import { describedFence } from '../../tests/fenced';
import { penPlace } from '../../tests/one-pen';
import { fenceView } from '../../fence/fence-view';
import { withLine } from '../../fence/with-line';
import type { Fence } from '../../place/fence';
import type { Place } from '../../place/place';
import type { MendKind } from '../../records/mend';
import type { Touching } from '../../tables/shocking';
import { lossesOfYear } from '../../score/losses';
import type { Walk } from '../../records/walk';
import { applyReadings } from '../../records/apply-readings';
import { asMeant } from '../as-meant';
import { circuitProposals } from '../line-proposals';
import { questionsAgain } from '../readings-again';
import { checkMend, moveMend } from '../review';
import { getOrMake } from '../../memo';
import { buildProblem, type Planning } from './build-problem';
import { lossWith } from './loss';
import { withMends } from './with-mends';

/** A pen of netting in fox country with wires at these heights round it, on a line so described and so read. */
function pen(
  heights: readonly number[],
  touched: Touching,
  line: Parameters<typeof describedFence>[0],
  read: Partial<Fence> = {},
): Place {
  const place = penPlace(['red-fox'], {
    mesh: 'hex-50',
    wires: heights.map((height) => [height, 100] as const),
  });
  return withLine({
    ...place,
    fence: { ...describedFence(line), ...read },
    faces: place.faces.map((face) => ({
      ...face,
      bays: face.bays.map((bay) => ({
        ...bay,
        strands: bay.strands.map((strand, wire) => ({
          ...strand,
          touching: { is: wire === 0 && bay.id === 'north' ? touched : 'nothing' },
        })),
      })),
    })),
  });
}

const mains = { feed: 'mains', open: 5, loaded: 2.5 } as const;
const cells = { feed: 'dry-cells', open: 6, loaded: 3 } as const;
const short = { count: 1, length: 300, diameter: 10, apart: 0 } as const;

/** The earth test on such a rod. */
const tested: Partial<Fence> = { stake: { is: 0.9 } };

const places: readonly (readonly [MendKind, Place])[] = [
  ['earth-rods', pen([150, 300], 'nothing', { energizer: mains, rods: short }, tested)],
  ['earth-return', pen([150, 300], 'nothing', { energizer: mains }, { ground: { is: 'dry' } })],
  ['battery-fresh', pen([150, 300], 'nothing', { energizer: cells }, { battery: { is: 'flat' } })],
  ['mown-under', pen([150, 300], 'weeds', { energizer: mains })],
  ['strand-moved', pen([210, 900], 'nothing', { energizer: mains })],
];

const built = new Map<Place, Planning>();
const planningOf = (place: Place): Planning =>
  getOrMake(built, place, () => buildProblem(place, { year: 2026 }));

test.each(places)('%s: offered where it is wanted, and worth what is judged', (kind, place) => {
  const { problem, candidates, ready } = planningOf(place);
  const judged = (set: readonly number[]) =>
    lossesOfYear(
      withMends(
        ready,
        set.flatMap((it) => candidates[it]?.mend ?? []),
      ),
      [],
      {},
      2026,
    ).birds.low;
  const ofLine = candidates.flatMap(({ mend }, index) =>
    ['strand', 'fence'].includes(mend.spot.kind) ? [index] : [],
  );
  const own = candidates.flatMap(({ mend }, index) => (mend.kind === kind ? [index] : []));
  expect(own.length).toBeGreaterThan(0);
  const sets = [
    [],
    ...ofLine.map((it) => [it]),
    ...ofLine.flatMap((a) => ofLine.filter((b) => b > a).map((b) => [a, b])),
    own,
  ];
  for (const set of sets) {
    const names = set.map((it) => candidates[it]?.id);
    expect([names, lossWith(problem, set).toFixed(6)]).toEqual([names, judged(set).toFixed(6)]);
  }
  // All of that kind, round the whole pen: a line that does what it is for.
  expect(judged(own)).toBeLessThan(judged([]) - 1e-6);
});

test.each(places)('%s is offered to no line that does not want it', (kind) => {
  const sound = pen([150, 300], 'nothing', {
    energizer: mains,
    rods: { count: 3, length: 1800, diameter: 16, apart: 3600 },
    back: 'earth-wire',
  });
  const kinds = buildProblem(sound, { year: 2026 }).candidates.map(({ mend }) => mend.kind);
  expect(kinds).not.toContain(kind);
});

test('no rods are offered by the plate alone: the stake is read first', () => {
  const untested = pen([150, 300], 'nothing', { energizer: mains, rods: short });
  const offered = [
    ...planningOf(untested).candidates.map(({ mend }) => mend.kind),
    ...circuitProposals(untested).map(({ mend }) => mend.kind),
  ];
  expect(offered).not.toContain('earth-rods');
  expect(fenceView(untested, '2026-11-29')?.rodsMissing).toBeGreaterThan(0);
});

test.each(places)('%s is offered by itself as well, where it is of the circuit', (kind, place) => {
  const offered = circuitProposals(place).map(({ mend }) => mend.kind);
  const isOfCircuit = ['earth-rods', 'earth-return', 'battery-fresh'].includes(kind);
  expect(offered.some((it) => it === kind)).toBe(isOfCircuit);
});

test.each(places)(
  '%s is measured again by what it was to change, and then holds',
  (kind, place) => {
    const { candidates, ready } = planningOf(place);
    const mend = candidates.find((it) => it.mend.kind === kind)?.mend;
    if (!mend) throw new Error('not offered');
    const asked = questionsAgain(ready, mend);
    expect(asked.map(({ target }) => target)).toEqual(mend.targets);
    const done = moveMend({ ...mend, id: 'm1' }, 'done', '2026-11-29T10:00:00Z');
    const at = '2026-11-30T10:00:00Z';
    const walk: Walk = {
      ...{ id: 'w1', placeId: ready.id, date: '2026-11-30', kind: 'measure-again', ended: true },
      readings: asked.map(({ target: { item, attribute, value } }) => ({
        ...{ id: `${item} ${attribute}`, item, attribute, at, how: 'measured' },
        value: asMeant(value),
      })),
    };
    expect(checkMend(applyReadings(ready, [walk]), done).holds).toBe(true);
    expect(checkMend(applyReadings(ready, []), done).holds).toBe(false);
  },
);
