import fc from 'fast-check';
import { countedIds } from '../../tests/new-ids';
import { openingKinds, type Bay, type Opening } from '../bay';
import { addLatch, addOpening, changeOpening, dropLatch, dropOpening } from './openings';

const wall: Bay = {
  id: 'b',
  name: 'b',
  width: 1500,
  height: 1800,
  top: { kind: 'roof' },
  bands: [],
  ground: {},
  openings: [],
  strands: [],
};

const inside = (bay: Bay, it: Opening): boolean =>
  it.at >= 0 &&
  it.width > 0 &&
  it.height > 0 &&
  it.at + it.width <= bay.width + 1e-6 &&
  it.up >= (bay.base ?? 0) &&
  it.up + it.height <= bay.height + 1e-6;

test.each(openingKinds)('a %s is put where it has room, and taken away again', (kind) => {
  for (const bay of [wall, { ...wall, width: 250, height: 300 }, { ...wall, base: 900 }]) {
    const opened = addOpening(bay, kind, 'it', countedIds());
    const [one] = opened.openings;
    expect(one && inside(bay, one)).toBe(true);
    expect(dropOpening(opened, one?.id ?? '')).toEqual(bay);
  }
});

test('what nobody opens is shut by nobody, and has its mesh to be read', () => {
  const vent = addOpening(wall, 'vent', 'vent', countedIds()).openings[0];
  expect(vent).toMatchObject({ shutBy: 'nobody', latches: [] });
  expect(vent?.cover?.[0]?.mesh).toEqual({ any: true });
  expect(addOpening(wall, 'gate', 'gate', countedIds()).openings[0]).toMatchObject({
    shutBy: 'hand',
    habit: 'every-night',
  });
});

test('a second latch is put on and taken off; the first stays', () => {
  const newId = countedIds();
  const gated = addOpening(wall, 'gate', 'gate', newId);
  const [gate] = gated.openings;
  const two = addLatch(gated, gate?.id ?? '', newId);
  const latches = two.openings[0]?.latches ?? [];
  expect(latches).toHaveLength(2);
  expect(new Set(latches.map(({ id }) => id)).size).toBe(2);
  expect(dropLatch(two, latches[1]?.id ?? '')).toEqual(gated);
});

test('property: whatever sizes are typed, an opening stays within its wall', () => {
  const size = fc.double({ min: -5000, max: 9000, noNaN: true });
  fc.assert(
    fc.property(
      fc.constantFrom(...openingKinds),
      fc.record({ at: size, up: size, width: size, height: size }),
      (kind, sizes) => {
        const opened = addOpening(wall, kind, 'it', countedIds());
        const changed = changeOpening(opened, opened.openings[0]?.id ?? '', sizes);
        const [one] = changed.openings;
        expect(one && inside(wall, one)).toBe(true);
      },
    ),
  );
});
