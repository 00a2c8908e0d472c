import { beginPaced } from '../begin-paced';
import { allBays } from '../find';
import { lapOf } from '../lap';
import { areaOf, closeOutline } from '../outline';
import type { Place } from '../place';
import { beginningOf, elbow } from '../../tests/elbow';
import { countedIds } from '../../tests/new-ids';
import { compass, orient } from './orient';
import { spacePosts } from './space-posts';
import { setSideKind, renameSide } from './sides';

const place = beginPaced(
  beginningOf(elbow, { side: 1, width: 1400, depth: 1200, nestLid: true }),
) as Place;

test.each(compass)('turned so that the gate’s side looks %s, it is the same place', (way) => {
  const turned = orient(place, 'side-1', way);
  expect(lapOf(turned).length).toBeCloseTo(lapOf(place).length, 6);
  turned.zones.forEach(({ outline }, index) => {
    const before = closeOutline(place.zones[index]?.outline ?? outline);
    const after = closeOutline(outline);
    expect(areaOf(after.points)).toBeCloseTo(areaOf(before.points), 0);
    expect(after.misclosure).toBeCloseTo(before.misclosure, 6);
  });
  expect(turned.zones[0]?.outline.sides[0]?.name).toBe(way);
  const gateBay = lapOf(turned).bays[0];
  expect(gateBay?.bay.name.startsWith(way)).toBe(true);
  // The wall stands where its name says, seen from the middle of the run.
  const outside = { north: [0, 1], east: [1, 0], south: [0, -1], west: [-1, 0] }[way];
  const { start, end } = gateBay ?? { start: { x: 0, y: 0 }, end: { x: 0, y: 0 } };
  const left = { x: -(end.y - start.y), y: end.x - start.x };
  expect(Math.sign(Math.round(left.x)) + 0).toBe(Math.sign(outside[0] ?? 0));
  expect(Math.sign(Math.round(left.y)) + 0).toBe(Math.sign(outside[1] ?? 0));
});

test('a side that has a name of its own keeps it', () => {
  const named = renameSide(place, 'side-3', 'the lane');
  const { sides } = orient(named, 'side-1', 'south').zones[0]?.outline ?? { sides: [] };
  expect(sides.map(({ name }) => name)).toEqual([
    'south',
    'west',
    'the lane',
    'east',
    'north',
    'east',
  ]);
});

test('posts set closer: bays there were stay, openings stay where they are along the wall', () => {
  const close = spacePosts(place, 'run', 900, countedIds());
  expect(lapOf(close).length).toBeCloseTo(lapOf(place).length, 6);
  expect(lapOf(close).bays.length).toBeGreaterThan(lapOf(place).bays.length * 1.6);
  const gate = allBays(close).filter(({ bay }) => bay.openings.some(({ kind }) => kind === 'gate'));
  expect(gate).toHaveLength(1);
  expect(gate[0]?.bay.openings[0]?.width).toBe(800);
  const house = (it: Place) => it.faces.filter(({ between }) => between.includes('house'));
  expect(house(close)).toEqual(house(place));
  const ids = allBays(close).map(({ bay }) => bay.id);
  expect(new Set(ids).size).toBe(ids.length);
  for (const { bay } of allBays(place)) expect(ids).toContain(bay.id);
  const far = spacePosts(close, 'run', 10_000, countedIds());
  for (const { bay } of allBays(far)) {
    for (const it of bay.openings) expect(it.at + it.width).toBeLessThanOrEqual(bay.width + 1e-6);
  }
});

test('a trunk stands in earth, and both its joints are gaps where it is one bay', () => {
  const short = spacePosts(place, 'run', 10_000, countedIds());
  const trunk = setSideKind(short, 'side-3', 'trunk', countedIds());
  const [wall] = allBays(trunk).filter(({ face }) => face.along === 'side-3');
  expect(wall?.bay.ground).toBeDefined();
  expect(wall?.bay.openings.map(({ kind }) => kind)).toEqual(['seam', 'seam']);
});
