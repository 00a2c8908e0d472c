import fc from 'fast-check';
import { writePlaceFile } from '../../formats/place-file';
import { readPlaceFile } from '../../formats/read-place-file';
import { judgeAll } from '../../score/judge-all';
import { beginPlace, type Beginning } from '../begin';
import { allBays, isOutermost } from '../find';
import { lapOf } from '../lap';
import type { Place } from '../place';
import { shapeIds, shapes, sizeIds, type ShapeId, type Sizes } from '.';

/** What a shape asks for, as it usually is; the rest is not looked at. */
function usual(shape: ShapeId, unit: 0 | 1 = 0): Sizes {
  const { asks } = shapes[shape];
  const size = (id: (typeof sizeIds)[number]) => {
    const given = asks[id] ?? [NaN, NaN];
    return unit === 0 ? given[0] : given[1] * 25.4;
  };
  return Object.fromEntries(sizeIds.map((id) => [id, size(id)])) as Record<
    (typeof sizeIds)[number],
    number
  >;
}

const beginning = (shape: ShapeId, sizes = usual(shape)): Beginning => ({
  id: 'p',
  name: 'Plot 4',
  units: 'metric',
  region: 'gb',
  birds: 5,
  kind: 'grown',
  shape,
  sizes,
});

function begun(shape: ShapeId, sizes?: Sizes): Place {
  const place = beginPlace(beginning(shape, sizes));
  if ('problem' in place) throw new Error(`${shape}: ${place.problem}`);
  return place;
}

/** Perimeter of what stands, as one would walk it with a tape, from the sizes alone. */
const perimeters: Readonly<Record<ShapeId, (sizes: Sizes) => number>> = {
  'side-by-side': (it) => 2 * (it.runWidth + it.houseWidth + it.runDepth),
  'run-round': (it) => 2 * (it.runWidth + it.runDepth),
  raised: (it) => 2 * (it.runWidth + it.houseWidth + it.runDepth),
  shed: (it) => 2 * (it.houseWidth + it.houseDepth),
  kennel: (it) => 2 * (it.runWidth + it.runDepth),
  'two-runs': (it) => 2 * (2 * it.runWidth + it.runDepth),
  strip: (it) => 2 * (it.runWidth + it.houseWidth + it.runDepth),
  'a-frame': (it) => 2 * (it.runWidth + it.houseWidth + it.runDepth),
  deck: (it) => 2 * (it.runWidth + it.houseWidth + it.runDepth),
  hoop: (it) => 2 * (it.runWidth + it.runDepth),
  'low-box': (it) => 2 * (it.runWidth + it.runDepth),
};

describe.each(shapeIds)('%s', (shape) => {
  test.each([0, 1] as const)('laid at its usual sizes it closes, gate first (unit %d)', (unit) => {
    const sizes = usual(shape, unit);
    const lap = lapOf(begun(shape, sizes));
    // A house that reaches out beyond its run adds its shoulders; none does at the usual sizes.
    expect(lap.length).toBeCloseTo(perimeters[shape](sizes), 3);
    const onGround = lap.bays.filter(({ bay }) => !bay.base);
    onGround.forEach(({ end }, index) => {
      const next = onGround[(index + 1) % onGround.length];
      expect(next?.start.x).toBeCloseTo(end.x, 3);
      expect(next?.start.y).toBeCloseTo(end.y, 3);
    });
    const opens = lap.bays.flatMap(({ bay }) => bay.openings.map(({ kind }) => kind));
    if (shape !== 'low-box') expect(opens[0]).toMatch(/gate|door|hatch/);
  });

  test('usual sizes are the same in both units, as near as round figures can be', () => {
    const [mm, inches] = [usual(shape), usual(shape, 1)];
    for (const id of sizeIds) {
      if (Number.isNaN(mm[id])) continue;
      expect([id, Math.abs(inches[id] / mm[id] - 1) <= 0.1]).toEqual([id, true]);
    }
  });

  test('it is a place file that opens, has no id twice, and is judged with nothing read', () => {
    const place = begun(shape);
    const read = readPlaceFile(writePlaceFile({ place, walks: [], mends: [], sightings: [] }));
    expect(read).toHaveProperty('file');
    const ids = place.faces.flatMap((face) => [face.id, ...face.bays.map(({ id }) => id)]);
    expect(new Set(ids).size).toBe(ids.length);
    const { waysIn, stops } = judgeAll(place, [])['night-shut'];
    // An open top is there for all to see; whatever else would be a way in has yet to be looked at.
    const open = waysIn.filter((way) => !JSON.stringify(way).includes('open'));
    expect(open).toEqual([]);
    expect(stops.unread).toBeGreaterThan(5);
    const { sleeps } = place.flock[0] ?? { sleeps: '' };
    expect(place.zones.map(({ id }) => id)).toContain(sleeps);
  });
});

test('property: whatever the sizes, the lap is whole and every zone is fenced in, or it is refused', () => {
  const size = fc.integer({ min: 900, max: 12_000 });
  fc.assert(
    fc.property(
      fc.constantFrom(...shapeIds),
      fc.record(Object.fromEntries(sizeIds.map((id) => [id, size]))),
      (shape, sizes) => {
        const place = beginPlace(
          beginning(shape, { ...(sizes as Sizes), runHeight: 1800, sections: 600 }),
        );
        if ('problem' in place) return;
        const outer = allBays(place).filter(
          ({ face }) => face.kind === 'wall' && isOutermost(face),
        );
        const lap = lapOf(place);
        expect(lap.bays.length).toBe(outer.length);
        const ground = outer.filter(({ bay }) => !bay.base);
        expect(lap.length).toBeCloseTo(
          ground.reduce((sum, { bay }) => sum + bay.width, 0),
          3,
        );
        for (const zone of place.zones) {
          expect(place.faces.some(({ between }) => between.includes(zone.id))).toBe(true);
        }
      },
    ),
    { numRuns: 150 },
  );
});

test('a house that leaves no run is refused', () => {
  const sizes = { ...usual('run-round'), houseDepth: 4000 };
  expect(beginPlace(beginning('run-round', sizes))).toEqual({ problem: 'house-too-large' });
});
