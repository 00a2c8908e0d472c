/** Geometry held against things outside the project: a textbook's traverse, and a general geometry library. */
import { BooleanOperations, Point as FlatPoint, Polygon } from '@flatten-js/core';
import fc from 'fast-check';
import { facesOf } from './faces/faces-of';
import { lapOf } from './lap';
import { areaOf, closeOutline, type Point } from './outline';
import { checkPacing, isPacing } from './pacing';
import type { Outline, Place, Zone } from './place';
import { isInside } from './polygon';
import { rectangularZone } from './shapes/rectangle';

/**
 * Wolf and Ghilani, Elementary Surveying, the worked example of balancing a closed traverse of five courses by the compass rule
 * (feet). Recalled from memory: departures and latitudes as computed there, and as balanced.
 */
const computed = [
  [517.451, -388.815],
  [5.966, -202.942],
  [192.889, 694.045],
  [-590.565, 153.708],
  [-125.715, -255.919],
] as const;
const balanced = [
  [517.444, -388.835],
  [5.964, -202.948],
  [192.881, 694.022],
  [-590.571, 153.689],
  [-125.718, -255.928],
] as const;

test('the compass rule balances the textbook’s traverse as the textbook does', () => {
  const headings = computed.map(([east, north]) => (Math.atan2(east, north) * 180) / Math.PI);
  const outline: Outline = {
    start: { x: 0, y: 0 },
    heading: headings[0] ?? 0,
    sides: computed.map(([east, north], index) => ({
      id: `${index}`,
      name: `${index}`,
      kind: 'fence',
      length: Math.hypot(east, north),
      turn: (headings[(index + 1) % 5] ?? 0) - (headings[index] ?? 0),
    })),
  };
  const { points, misclosure, perimeter } = closeOutline(outline);
  expect(misclosure).toBeCloseTo(0.081, 3);
  expect(perimeter).toBeCloseTo(2466.0, 2);
  balanced.forEach(([east, north], index) => {
    const [from, to] = [points[index], points[(index + 1) % points.length]];
    expect((to?.x ?? NaN) - (from?.x ?? NaN)).toBeCloseTo(east, 2);
    expect((to?.y ?? NaN) - (from?.y ?? NaN)).toBeCloseTo(north, 2);
  });
});

const polygonOf = (points: readonly Point[]) => new Polygon(points.map(({ x, y }) => [x, y]));
const lengthRound = (polygon: Polygon) =>
  [...polygon.edges].reduce((sum, edge) => sum + edge.length, 0);

/** Paced figures that were taken: closed, no side across another. */
const figures = fc
  .array(
    fc.record({
      length: fc.integer({ min: 600, max: 9000 }),
      turn: fc.constantFrom(90, 90, 90, -90, 45, 60, 120, 30),
    }),
    { minLength: 3, maxLength: 9 },
  )
  .map((sides) => checkPacing(sides))
  .filter(isPacing);

test('property: area, perimeter and inside as a geometry library has them', () => {
  fc.assert(
    fc.property(
      figures,
      fc.double({ min: 0, max: 1 }),
      fc.double({ min: 0, max: 1 }),
      (it, a, b) => {
        const { points } = it.closed;
        const polygon = polygonOf(points);
        expect(areaOf(points)).toBeCloseTo(polygon.area(), 0);
        const round = points.reduce((sum, point, index) => {
          const next = points[(index + 1) % points.length] ?? point;
          return sum + Math.hypot(next.x - point.x, next.y - point.y);
        }, 0);
        expect(round).toBeCloseTo(lengthRound(polygon), 3);
        const { xmin, xmax, ymin, ymax } = polygon.box;
        const probe = { x: xmin + (xmax - xmin) * a, y: ymin + (ymax - ymin) * b };
        const flat = new FlatPoint(probe.x, probe.y);
        const onEdge = [...polygon.edges].some((edge) => flat.distanceTo(edge.shape)[0] < 1e-3);
        if (!onEdge) expect(isInside(points, probe)).toBe(polygon.contains(flat));
      },
    ),
    { numRuns: 80 },
  );
});

/** The lap of zones is once round all of them together, as the library joins them. */
test('property: the lap is as long as the outline of the zones joined', () => {
  const size = fc.integer({ min: 10, max: 60 }).map((it) => it * 100);
  fc.assert(
    fc.property(
      size,
      size,
      size,
      size,
      fc.nat(3),
      fc.integer({ min: 0, max: 40 }),
      (w, d, hw, hd, side, far) => {
        // A house built against one side of a run, beyond it, some way along.
        const along = far * 100;
        const at = [
          { x: along, y: -hd },
          { x: w, y: along },
          { x: along, y: d },
          { x: -hw, y: along },
        ][side] ?? { x: 0, y: 0 };
        const zones: Zone[] = [
          rectangularZone('run', 'run', 'run', { x: 0, y: 0, width: w, depth: d }),
          rectangularZone('house', 'house', 'house', { ...at, width: hw, depth: hd }),
        ];
        const place: Place = {
          id: 'p',
          name: 'p',
          units: 'metric',
          setting: { region: 'gb', lives: [], near: [] },
          flock: [{ id: 'g', kind: 'grown', count: 1, sleeps: 'house' }],
          zones,
          faces: facesOf(zones),
        };
        const [run, house] = zones.map(({ outline }) => polygonOf(closeOutline(outline).points));
        if (!run || !house) throw new Error('no zones');
        const joined = BooleanOperations.unify(run, house);
        // Shared lengths are rounded where a corner falls beside another: a few millimetres.
        expect(Math.abs(lapOf(place).length - lengthRound(joined))).toBeLessThan(1);
      },
    ),
    { numRuns: 60 },
  );
});
