/** What reaches in at birds about the run is kept out by finer cover, not by moving a roost (common practice: half-inch mesh to the knee). */
import { allBays } from '../place/find';
import { penPlace } from '../tests/one-pen';
import { whenOf } from '../score/scenario';
import { lossesOfYear } from '../score/losses';
import { buildProblem } from './plan/build-problem';
import { lossWith } from './plan/loss';
import { withMends } from './plan/with-mends';
import { proposalsFor } from './propose';
import { weakSpots } from './spots';

const june = '2026-06-15';
const pen = penPlace(['raccoon'], { mesh: 'welded-50x100', roost: 50 });
const [west] = allBays(pen);

const proposed = (scenario: 'day-run' | 'night-shut') =>
  weakSpots(pen, west?.bay ?? (undefined as never), whenOf(pen, scenario, june)).flatMap((weak) =>
    proposalsFor(weak).map(({ mend: { kind } }) => `${weak.spot.kind} ${kind}`),
  );

test('by day the mesh is lined with what no paw goes through; at roost the roost is moved', () => {
  expect(proposed('day-run')).toEqual(['mesh line-welded-13', 'mesh boarded', 'mesh board-over']);
  expect(proposed('night-shut')).toEqual(['reach roost-away']);
});

test('a lining that keeps bodies out and paws not is none: 25 mm lets fingers through', () => {
  expect(proposed('day-run').join()).not.toContain('line-welded-25');
});

test('in the plan lining spares what is taken by day, moving the roost what is taken by night; nothing is left of both', () => {
  const { problem, candidates, ready } = buildProblem(pen, { year: 2026 });
  const of = (kind: string) =>
    candidates.flatMap(({ mend }, index) => (mend.kind === kind ? [index] : []));
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
  const [lined, moved] = [of('line-welded-13'), of('roost-away')];
  for (const set of [[], lined, moved]) expect(lossWith(problem, set)).toBeCloseTo(judged(set), 6);
  expect(judged(lined)).toBeLessThan(judged([]) - 1e-6);
  expect(judged(moved)).toBeLessThan(judged([]) - 1e-6);
  expect(judged([...lined, ...moved])).toBeLessThan(0.001);
});

describe('a bird reached by the hole of a plug, too narrow for the body (common practice: what a paw can draw is clipped)', () => {
  const piped = penPlace(['raccoon'], { roost: 50, pipe: { bore: 60, plugged: true } });
  const [wall] = allBays(piped);
  const kinds = (scenario: 'day-run' | 'left-open') =>
    weakSpots(piped, wall?.bay ?? (undefined as never), whenOf(piped, scenario, june)).flatMap(
      (weak) => proposalsFor(weak).map(({ mend: { kind } }) => `${weak.spot.kind} ${kind}`),
    );

  test('by day the plug is held by what a paw does not work', () => {
    expect(kinds('day-run')).toEqual(
      expect.arrayContaining(['latch clip-through-hasp', 'latch padlock']),
    );
    expect(kinds('day-run').join()).not.toContain('roost-away');
  });

  test('left out it is no door that springs could shut', () => {
    expect(kinds('left-open').join()).not.toContain('spring-closer');
  });
});
