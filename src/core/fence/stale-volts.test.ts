import { is } from '../place/possible';
import { describedFence } from '../tests/fenced';
import { penPlace } from '../tests/one-pen';
import { earthOhms } from './electrode';
import { linePathOf } from './line-path';
import { withoutStaleVolts, type ReadAt } from './stale-volts';

const place = (near: number, volts: number) => ({
  ...penPlace(['red-fox'], { wires: [[150, 150]] }),
  fence: { ...describedFence(), near: is(near), volts: is(volts) },
});
const readAt =
  (near: string, far: string): ReadAt =>
  (_item, attribute) =>
    attribute === 'check.voltsNear' ? near : attribute === 'fence.volts' ? far : undefined;

/** Nothing of it has been read. */
const bare = penPlace(['red-fox'], { wires: [[150, 150]] });

const [earlier, later] = ['2026-10-01T10:00:00Z', '2026-11-01T10:00:00Z'];

test('volts near the energizer that are less than what arrives since say nothing any more', () => {
  const { fence } = withoutStaleVolts(place(3.4, 6.6), bare, readAt(earlier, later));
  expect(fence?.near).toBeUndefined();
  expect(fence?.volts).toEqual({ is: 6.6 });
});

test('volts at the far end that are more than what begins the line now say nothing any more', () => {
  const { fence } = withoutStaleVolts(place(3.4, 6.6), bare, readAt(later, earlier));
  expect(fence?.near).toEqual({ is: 3.4 });
  expect(fence?.volts).toBeUndefined();
});

test('what can both be so stands, and so does what a tester’s error explains', () => {
  for (const [near, far] of [
    [6.6, 3.4],
    [6.4, 6.6],
  ] as const) {
    const told = place(near, far);
    expect(withoutStaleVolts(told, bare, readAt(earlier, later))).toBe(told);
  }
});

test('on a ring nothing follows', () => {
  const told = place(3.4, 6.6);
  const ring = {
    ...told,
    fence: { ...told.fence, line: { ...told.fence.line, shape: 'ring' as const } },
  };
  expect(linePathOf(ring)?.shape).toBe('ring');
  expect(withoutStaleVolts(ring, bare, readAt(earlier, later))).toBe(ring);
});

// By hand: 400 V read behind 5 kV and 200 Ω, shorted to 2 kV: 2.6 kV over 200 Ω drive 13 A, so the rods are 30.8 Ω.
test('what the stake read before more rods were driven is worked out anew for them', () => {
  const rods = (count: number) => ({ count, length: 1000, diameter: 12, apart: 2000 });
  const line = (count: number, stake: number) => ({
    ...bare,
    fence: {
      ...describedFence({
        energizer: { feed: 'mains', open: 5, loaded: 5 / 1.4 },
        rods: rods(count),
      }),
      stake: is(stake),
    },
  });
  const at =
    (rodsAt: string | undefined, earth: string): ReadAt =>
    (_item, attribute) =>
      attribute === 'fence.rods' ? rodsAt : attribute === 'check.earth' ? earth : undefined;
  const now = withoutStaleVolts(line(2, 0.4), line(1, 0.4), at(later, earlier)).fence?.stake;
  const less = earthOhms('moist', rods(2)) / earthOhms('moist', rods(1));
  const ohms = 30.77 * less;
  expect(now && 'is' in now && now.is).toBeCloseTo((3 * ohms) / (200 + ohms), 3);
  // Read since they were driven, or rods that nobody has changed: it stands.
  for (const readAt of [at(earlier, later), at(undefined, later)]) {
    const told = line(2, 0.4);
    expect(withoutStaleVolts(told, line(1, 0.4), readAt)).toBe(told);
  }
});
