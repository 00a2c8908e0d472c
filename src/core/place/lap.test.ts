import { samphireYard } from '../../../demo/samphire-yard';
import { innerWalls, lapOf } from './lap';

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
