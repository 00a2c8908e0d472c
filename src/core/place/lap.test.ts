import { samphireYard } from '../../../demo/samphire-yard';
import { beginPlace, type Beginning } from './begin';
import { innerWalls, lapOf } from './lap';
import type { Place } from './place';

const { place } = samphireYard;

test('the lap runs once round from the gate, bay by bay, house wall included', () => {
  const { bays, length } = lapOf(place);
  expect(bays[0]?.bay.id).toBe('w1');
  expect(bays.map(({ bay }) => bay.id)).toEqual([
    'w1',
    'w2',
    'w3',
    'n1',
    'n2',
    'n3',
    'e1',
    'h1',
    'e2',
    's1',
    's2',
    's3',
    's4',
    's5',
  ]);
  expect(length).toBe(19380);
});

test('bays join: each begins in the plan where the one before it ends', () => {
  const { bays } = lapOf(place);
  bays.forEach(({ start }, index) => {
    const before = bays[(index + bays.length - 1) % bays.length];
    expect(start.x).toBeCloseTo(before?.end.x ?? NaN, 6);
    expect(start.y).toBeCloseTo(before?.end.y ?? NaN, 6);
  });
});

test('the house’s own walls are a lap of their own', () => {
  expect(innerWalls(place).bays.map(({ bay }) => bay.id)).toEqual(['hn', 'hs', 'hw']);
});

describe('a place newly begun', () => {
  const beginning: Beginning = {
    id: 'p',
    name: 'Plot 4',
    units: 'metric',
    region: 'gb',
    birds: 5,
    kind: 'grown',
    runWidth: 3600,
    runDepth: 4500,
    runHeight: 1800,
    houseWidth: 1200,
    houseDepth: 1200,
    nestLid: true,
  };
  const begun = beginPlace(beginning) as Place;

  test('its lap is the run’s perimeter and closes', () => {
    const { bays, length } = lapOf(begun);
    expect(length).toBeCloseTo(2 * (3600 + 4500));
    expect(bays[0]?.bay.openings[0]?.kind).toBe('gate');
    const [first, last] = [bays[0], bays[bays.length - 1]];
    expect(last?.end.x).toBeCloseTo(first?.start.x ?? NaN);
    expect(last?.end.y).toBeCloseTo(first?.start.y ?? NaN);
  });

  test('the house stands in its corner: its outer walls lie on the run’s', () => {
    const wall = lapOf(begun).bays.find(({ bay }) => bay.id === 'hb');
    const house = begun.zones.find((zone) => zone.kind === 'house')?.outline.start;
    expect(wall?.start.x).toBeCloseTo(4500);
    expect(wall?.end.y).toBeCloseTo(0);
    expect(house).toEqual({ x: 3300, y: 1200 });
  });

  test('a house that leaves no run is refused', () => {
    expect(beginPlace({ ...beginning, houseDepth: 4000 })).toEqual({ problem: 'house-too-large' });
  });
});
