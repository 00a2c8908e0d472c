/** Mends of a described line: what is cleared in one bay is felt in all of it, and the plan reckons what is judged of that. */
import { describedFence } from '../../tests/fenced';
import { penPlace } from '../../tests/one-pen';
import { withLine } from '../../fence/with-line';
import type { Place } from '../../place/place';
import type { Touching } from '../../tables/shocking';
import { lossesOfYear } from '../../score/losses';
import { buildProblem } from './build-problem';
import { lossWith } from './loss';
import { withMends } from './with-mends';

/** A pen of netting with two wires round it, the lowest touched so in these bays, on a described line that nobody has read. */
function pen(touched: Readonly<Record<string, Touching>>): Place {
  const place = penPlace(['red-fox', 'european-badger'], {
    mesh: 'hex-50',
    wires: [
      [150, 100],
      [300, 100],
    ],
  });
  return withLine({
    ...place,
    fence: describedFence({ energizer: { feed: 'mains', open: 5, loaded: 2.5 } }),
    faces: place.faces.map((face) => ({
      ...face,
      bays: face.bays.map((bay) => ({
        ...bay,
        strands: bay.strands.map((strand, wire) => ({
          ...strand,
          touching: { is: wire === 0 ? (touched[bay.id] ?? 'nothing') : 'nothing' },
        })),
      })),
    })),
  });
}

test.each([
  ['one bay', pen({ north: 'mesh' })],
  ['two bays', pen({ north: 'ground', east: 'mesh' })],
  ['all four', pen({ north: 'mesh', east: 'ground', south: 'wood', west: 'mesh' })],
])(
  'touched in %s: each mend alone and every two of the line come to what is judged',
  (_name, place) => {
    const { problem, candidates, ready } = buildProblem(place, { year: 2026 });
    const ofLine = candidates.flatMap(({ mend }, index) =>
      mend.spot.kind === 'strand' ? [index] : [],
    );
    expect(candidates.map(({ mend }) => mend.kind)).toContain('strand-clear');
    const alone = (index: number) => lossesOfYear(withMends(ready, mendsOf([index])), [], {}, 2026);
    const mendsOf = (set: readonly number[]) => set.flatMap((it) => candidates[it]?.mend ?? []);
    const sets = [
      ...candidates.map((_, index) => [index]),
      ...ofLine.flatMap((a) => ofLine.filter((b) => b > a).map((b) => [a, b])),
      ofLine,
    ].filter((set) =>
      set.every((a) => !set.some((b) => candidates[a]?.excludes.includes(candidates[b]?.id ?? ''))),
    );
    for (const set of sets) {
      const { birds } = lossesOfYear(withMends(ready, mendsOf(set)), [], {}, 2026);
      expect([set, lossWith(problem, set).toFixed(6)]).toEqual([set, birds.low.toFixed(6)]);
    }
    // It is a test only where clearing one bay is worth something.
    expect(Math.min(...ofLine.map((it) => alone(it).birds.low))).toBeLessThan(
      lossWith(problem, []) - 1e-6,
    );
  },
);
