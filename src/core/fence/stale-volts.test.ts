import { is } from '../place/possible';
import { describedFence } from '../tests/fenced';
import { penPlace } from '../tests/one-pen';
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

const [earlier, later] = ['2026-10-01T10:00:00Z', '2026-11-01T10:00:00Z'];

test('volts near the energizer that are less than what arrives since say nothing any more', () => {
  const { fence } = withoutStaleVolts(place(3.4, 6.6), readAt(earlier, later));
  expect(fence?.near).toBeUndefined();
  expect(fence?.volts).toEqual({ is: 6.6 });
});

test('volts at the far end that are more than what begins the line now say nothing any more', () => {
  const { fence } = withoutStaleVolts(place(3.4, 6.6), readAt(later, earlier));
  expect(fence?.near).toEqual({ is: 3.4 });
  expect(fence?.volts).toBeUndefined();
});

test('what can both be so stands, and so does what a tester’s error explains', () => {
  for (const [near, far] of [
    [6.6, 3.4],
    [6.4, 6.6],
  ] as const) {
    const told = place(near, far);
    expect(withoutStaleVolts(told, readAt(earlier, later))).toBe(told);
  }
});

test('on a ring nothing follows', () => {
  const told = place(3.4, 6.6);
  const ring = {
    ...told,
    fence: { ...told.fence, line: { ...told.fence.line, shape: 'ring' as const } },
  };
  expect(linePathOf(ring)?.shape).toBe('ring');
  expect(withoutStaleVolts(ring, readAt(earlier, later))).toBe(ring);
});

test('what the stake read before more rods were driven is not theirs', () => {
  const { fence, ...rest } = place(6.6, 6.2);
  const told = { ...rest, fence: { ...fence, stake: is(0.4) } };
  const at =
    (rods: string, earth: string): ReadAt =>
    (_item, attribute) =>
      attribute === 'fence.rods' ? rods : attribute === 'check.earth' ? earth : undefined;
  expect(withoutStaleVolts(told, at(later, earlier)).fence?.stake).toBeUndefined();
  expect(withoutStaleVolts(told, at(earlier, later))).toBe(told);
  // Nobody has changed them since: it stands.
  expect(withoutStaleVolts(told, () => undefined)).toBe(told);
});
