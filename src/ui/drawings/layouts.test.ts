import { samphireYard } from '../../../demo/samphire-yard';
import { applyReadings } from '@/core/records/apply-readings';
import { beginPlace } from '@/core/place/begin';
import { beginPaced } from '@/core/place/begin-paced';
import { lapOf } from '@/core/place/lap';
import { shapeIds, shapes, sizeIds } from '@/core/place/shapes';
import type { Place } from '@/core/place/place';
import { begun } from '@/core/tests/begun';
import { beginningOf, elbow } from '@/core/tests/elbow';
import { fittingScale, lapFrame, wholeLapHeight } from './lap-frame';
import { boxOf, lapLayout } from './lap-layout';
import { labelSpan, overlaps } from './site-plan-labels';
import { isLimitedByHeight, sitePlanLayout } from './site-plan-layout';

const place = applyReadings(samphireYard.place, samphireYard.walks).place;
const lap = lapOf(place);
const frame = { scale: 0.05, above: 20, below: 60, margin: 10 };

describe('the lap', () => {
  const layout = lapLayout(place, lap, frame);

  test('is to scale, bay after bay', () => {
    expect(layout.width).toBeCloseTo(lap.length * 0.05 + 20);
    layout.bays.forEach((box, index) => {
      expect(box.width).toBeCloseTo(box.bay.width * 0.05);
      const before = layout.bays[index - 1];
      expect(box.x).toBeCloseTo(before ? before.x + before.width : 10);
    });
  });

  test('every wall stands on the ground line', () => {
    for (const box of layout.bays) expect(box.y + box.height).toBeCloseTo(layout.ground);
  });

  test('skirts hang below it as deep as they are', () => {
    expect(boxOf(layout, 's3')?.skirt).toMatchObject({ mm: 330, depth: 16.5 });
    expect(boxOf(layout, 's3')?.slabs).toBe(false);
    expect(boxOf(layout, 'n2')?.slabs).toBe(true);
    expect(boxOf(layout, 'h1')?.skirt).toBeUndefined();
  });

  test('its whole height is known before it is laid out', () => {
    const fitting = lapLayout(place, lap, lapFrame(lap, fittingScale(lap, 1156)));
    expect(fitting.width).toBeCloseTo(1156);
    expect(wholeLapHeight(place, 1156)).toBeCloseTo(fitting.height);
  });

  test('a short one stands in the middle, no taller than is of use', () => {
    const shed = begun('shed');
    const round = lapOf(shed);
    const scale = fittingScale(round, 1156);
    const short = lapLayout(shed, round, lapFrame(round, scale, undefined, 1156));
    expect(Math.max(...short.bays.map((it) => it.height))).toBeCloseTo(120);
    expect(short.width).toBeCloseTo(1156);
    const [first, last] = [short.bays[0], short.bays.at(-1)];
    expect(first?.x).toBeCloseTo(1156 - (last?.x ?? 0) - (last?.width ?? 0));
  });

  test('each side is named once', () => {
    expect(layout.sides.map(({ name }) => name)).toEqual([
      'west',
      'north',
      'east',
      'elbow',
      'south',
    ]);
  });
});

describe('the plan', () => {
  const layout = sitePlanLayout(place, 360, 330, ['n2']);

  test('is limited by its height exactly where more width would not make it larger', () => {
    for (const width of [300, 360, 500, 800, 1200]) {
      for (const tallest of [200, 330, 520]) {
        const wider = sitePlanLayout(place, width + 400, tallest).scale;
        const { scale } = sitePlanLayout(place, width, tallest);
        expect(isLimitedByHeight(place, width, tallest)).toBe(scale > wider * 0.999);
      }
    }
    expect(isLimitedByHeight(place, 800, 330)).toBe(true);
    expect(isLimitedByHeight(place, 360, 520)).toBe(false);
  });

  test('fits the room it is given', () => {
    for (const { from, to } of [...layout.walls, ...layout.partitions]) {
      for (const { x, y } of [from, to]) {
        expect(x).toBeGreaterThanOrEqual(0);
        expect(x).toBeLessThanOrEqual(360);
        expect(y).toBeGreaterThanOrEqual(0);
        expect(y).toBeLessThanOrEqual(layout.height);
      }
    }
    expect(layout.height).toBeLessThanOrEqual(330);
  });

  test('north is up, and outside is outside', () => {
    const wall = (id: string) => layout.walls.find((it) => it.bay === id);
    expect(wall('n2')?.outward.y).toBeCloseTo(-1);
    expect(wall('w2')?.outward.x).toBeCloseTo(-1);
    expect(wall('s3')?.outward.x).toBeCloseTo(1);
    expect(wall('n2')?.middle.y).toBeLessThan(wall('s4')?.middle.y ?? 0);
  });

  test('names keep clear of numbered bays', () => {
    const north = layout.sides.find(({ name }) => name === 'north');
    const n2 = layout.walls.find((it) => it.bay === 'n2');
    expect(Math.abs((north?.at.x ?? 0) - (n2?.middle.x ?? 0))).toBeGreaterThan(30);
  });

  test('is drawn to one scale both ways', () => {
    for (const wall of layout.walls) {
      const bay = lap.bays.find((it) => it.bay.id === wall.bay);
      const length = Math.hypot(
        (bay?.end.x ?? 0) - (bay?.start.x ?? 0),
        (bay?.end.y ?? 0) - (bay?.start.y ?? 0),
      );
      expect(wall.length).toBeCloseTo(length * layout.scale, 4);
    }
  });
});

describe('side names in the plan', () => {
  const paced = beginPaced(beginningOf(elbow)) as Place;
  const begun = shapeIds.map((shape): [string, Place] => {
    const sizes = Object.fromEntries(
      sizeIds.map((id) => [id, shapes[shape].asks[id]?.[0] ?? NaN]),
    ) as Record<(typeof sizeIds)[number], number>;
    const { pacing: _, runHeight: __, ...named } = beginningOf(elbow);
    return [shape, beginPlace({ ...named, shape, sizes }) as Place];
  });
  const long = {
    ...paced,
    zones: paced.zones.map((zone) => ({
      ...zone,
      outline: {
        ...zone.outline,
        sides: zone.outline.sides.map((side) => ({
          ...side,
          name: `${side.id} ${'ج'.repeat(60)}`,
        })),
      },
    })),
  };

  test.each([['paced', paced] as [string, Place], ['long names', long], ...begun])(
    'of %s: none stands on another or off the page',
    (_, shown) => {
      for (const width of [320, 390, 800]) {
        const { sides: labels, height } = sitePlanLayout(shown, width, 400);
        expect(labels.length).toBeGreaterThan(0);
        labels.forEach((label, index) => {
          expect(labels.slice(index + 1).some((other) => overlaps(label, other))).toBe(false);
          const { from, to } = labelSpan(label);
          expect(from).toBeGreaterThanOrEqual(0);
          expect(to).toBeLessThanOrEqual(width);
          expect(label.at.y).toBeGreaterThan(0);
          expect(label.at.y).toBeLessThanOrEqual(height);
        });
      }
    },
  );
});

test('cover that is on for part of the year is drawn only in it', () => {
  const meshesOn = (day: string | undefined) =>
    lapLayout(place, lap, { ...frame, day })
      .bays.find(({ bay }) => bay.id === 'w3')
      ?.bands.map(({ mesh }) => mesh);
  // The winter board of the demo: 1 November to 31 March.
  expect(meshesOn('2026-12-24')).toContain('solid-board');
  expect(meshesOn('2026-07-15')).not.toContain('solid-board');
  expect(meshesOn(undefined)).toContain('solid-board');
});
