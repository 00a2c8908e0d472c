import fc from 'fast-check';
import { samphireYard } from '../../../../demo/samphire-yard';
import { writePlaceFile } from '../../formats/place-file';
import { readPlaceFile } from '../../formats/read-place-file';
import { judgeAll } from '../../score/judge-all';
import { begun } from '../../tests/begun';
import { countedIds } from '../../tests/new-ids';
import { allBays, findBay, isOutermost, roofOf } from '../find';
import { lapOf } from '../lap';
import type { Place } from '../place';
import { shapeIds } from '../shapes';
import { layAgain } from './lay-again';
import { setSideKind } from './sides';
import { addZone, dropZone, moveZone, setRoof, setSides, setZoneHeight } from './zones';

const opens = (place: Place) =>
  readPlaceFile(writePlaceFile({ place, walks: [], mends: [], sightings: [] }));

test.each(shapeIds)('%s: laid again with nothing changed it is as it was', (shape) => {
  const place = begun(shape);
  expect(layAgain(place, place.zones, countedIds())).toEqual(place);
});

test('the demo place laid again keeps every bay of its walls, and what was read there', () => {
  const { place } = samphireYard;
  const again = layAgain(place, place.zones, countedIds());
  const ids = (it: Place) => lapOf(it).bays.map(({ bay }) => bay.id);
  expect(ids(again)).toEqual(ids(place));
  expect(lapOf(again).length).toBeCloseTo(lapOf(place).length, 0);
});

test('a run made longer keeps its bays, each the wider; what makes no perimeter is refused', () => {
  const place = begun('run-round');
  const longer = setSides(place, 'run', [6600, 4500, 6600, 4500], countedIds());
  if ('problem' in longer) throw new Error(longer.problem);
  expect(lapOf(longer).bays.map(({ bay }) => bay.id)).toEqual(
    lapOf(place).bays.map(({ bay }) => bay.id),
  );
  expect(lapOf(longer).length).toBeCloseTo(2 * (6600 + 4500), 3);
  expect(setSides(place, 'run', [9000, 4500, 3000, 4500], countedIds())).toMatchObject({
    problem: 'misses',
  });
});

test('a nest box on the back of the house takes its piece of that wall, and goes along when the house is moved', () => {
  const place = begun('side-by-side');
  const newId = countedIds();
  const box = {
    kind: 'nest-box',
    name: 'nest box',
    against: 'house-right',
    within: false,
    width: 900,
    depth: 300,
    height: 400,
    base: 500,
  } as const;
  const built = addZone(place, box, newId);
  expect(built.zones).toHaveLength(3);
  const nest = built.zones[2]?.id ?? '';
  const faces = built.faces.filter(({ between }) => between.includes(nest));
  expect(faces.some(({ between }) => between.includes('house'))).toBe(true);
  expect(faces.some((face) => isOutermost(face))).toBe(true);
  expect(opens(built)).toHaveProperty('file');
  const moved = moveZone(built, 'house', { x: 0, y: 200 }, newId);
  expect(moved.zones[2]?.outline.start.y).toBeCloseTo((built.zones[2]?.outline.start.y ?? 0) + 200);
  expect(() => judgeAll(moved, [])).not.toThrow();
});

test('a second run is built on to the first and taken away again; readings of what is gone stay in their walk', () => {
  const place = begun('run-round');
  const newId = countedIds();
  const against = 'run-right';
  const second = addZone(
    place,
    { kind: 'run', name: 'far run', against, within: false, width: 4500, depth: 3000 },
    newId,
  );
  expect(lapOf(second).length).toBeCloseTo(2 * (5400 + 3000 + 4500), 3);
  const id = second.zones[2]?.id ?? '';
  const back = dropZone({ ...second, flock: [{ ...flockIn(id) }] }, id, newId);
  expect(lapOf(back).length).toBeCloseTo(lapOf(place).length, 3);
  expect(back.flock[0]?.sleeps).toBe('outside');
  const moved = dropZone({ ...second, flock: [{ ...flockIn(id) }] }, id, newId, 'house');
  expect(moved.flock[0]?.sleeps).toBe('house');
});

const flockIn = (sleeps: string) => ({ id: 'g', kind: 'grown', count: 2, sleeps }) as const;

test('an open run roofed and opened again: its walls end in a roof or stand free', () => {
  const place = begun('strip');
  expect(roofOf(place, 'run')).toBeUndefined();
  const newId = countedIds();
  const roofed = setRoof(place, 'run', [{ is: 'hex-25' }], newId);
  expect(roofOf(roofed, 'run')?.bays[0]?.bands[0]?.layers[0]?.mesh).toEqual({ is: 'hex-25' });
  expect(findBay(roofed, 'run-front-1')?.bay.top.kind).toBe('roof');
  expect(setRoof(roofed, 'run', 'open', newId)).toEqual(place);
});

test('walls follow the height of their zone, with their bands and the roof above', () => {
  const higher = setZoneHeight(begun('run-round'), 'run', 2400);
  const { bay } = findBay(higher, 'run-left-1') ?? {};
  expect(bay?.height).toBe(2400);
  expect(bay?.bands.at(-1)?.to).toBe(2400);
  expect(roofOf(higher, 'run')?.bays[0]?.bands[0]?.from).toBe(2400);
});

test('a side that is a building is solid, and its joints are gaps to be read', () => {
  const solid = setSideKind(begun('run-round'), 'run-left', 'building', countedIds());
  const bays = allBays(solid).filter(({ face }) => face.along === 'run-left');
  expect(bays.flatMap(({ bay }) => bay.openings.map(({ kind }) => kind))).toEqual(['seam', 'seam']);
  for (const { bay } of bays) {
    expect(bay.ground).toBeUndefined();
    expect(bay.bands[0]?.layers[0]?.mesh).toEqual({ is: 'masonry' });
  }
  const fence = setSideKind(solid, 'run-left', 'fence', countedIds());
  expect(
    allBays(fence)
      .filter(({ face }) => face.along === 'run-left')
      .every(({ bay }) => bay.openings.length === 0 && bay.ground !== undefined),
  ).toBe(true);
});

test('property: whatever is done to zones, the file opens, no id is there twice, and it is judged', () => {
  const step = fc.record({
    what: fc.constantFrom('move', 'sides', 'drop', 'roof', 'kind', 'add'),
    a: fc.integer({ min: -600, max: 600 }),
    which: fc.nat(6),
  });
  fc.assert(
    fc.property(fc.constantFrom(...shapeIds), fc.array(step, { maxLength: 6 }), (shape, steps) => {
      const newId = countedIds();
      const after = steps.reduce<Place>((it, { what, a, which }) => {
        const zone = it.zones[which % it.zones.length];
        const side = zone?.outline.sides[which % 4];
        if (!zone || !side) return it;
        if (what === 'move') return moveZone(it, zone.id, { x: a, y: -a / 2 }, newId);
        if (what === 'drop') return dropZone(it, zone.id, newId);
        if (what === 'roof') return setRoof(it, zone.id, a > 0 ? [{ any: true }] : 'open', newId);
        if (what === 'kind') return setSideKind(it, side.id, a > 0 ? 'building' : 'fence', newId);
        if (what === 'add') {
          const made = { kind: 'run', name: 'more', against: side.id, within: false } as const;
          return addZone(it, { ...made, width: 1500, depth: 1500 + a }, newId);
        }
        const lengths = zone.outline.sides.map(({ length }, i) => length + (i % 2 === 0 ? a : 0));
        const sized = setSides(it, zone.id, lengths, newId);
        return 'problem' in sized ? it : sized;
      }, begun(shape));
      expect(opens(after)).toHaveProperty('file');
      expect(() => judgeAll(after, [])).not.toThrow();
      expect(lapOf(after).length).toBeGreaterThan(0);
    }),
    { numRuns: 60 },
  );
});
