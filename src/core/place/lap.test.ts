import fc from 'fast-check';
import { samphireYard } from '../../../demo/samphire-yard';
import { tamarackBank } from '../../../demo/tamarack-bank';
import { innerWalls, lapOf } from './lap';
import type { Bay, Place } from './place';

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

test('after a reading, a bay made wider or a door put in, the lap is as one laid out anew', () => {
  const anew = (it: Place): Place => ({ ...it, zones: it.zones.map((zone) => ({ ...zone })) });
  const door = place.faces.flatMap(({ bays }) => bays).flatMap(({ openings }) => openings)[0];
  const changed = (it: Place, face: number, change: (bay: Bay) => Bay): Place => ({
    ...it,
    faces: it.faces.map((own, index) =>
      index === face ? { ...own, bays: own.bays.map(change) } : own,
    ),
  });
  fc.assert(
    fc.property(
      fc.constantFrom(place, tamarackBank.place),
      fc.nat(30),
      fc.constantFrom<(bay: Bay) => Bay>(
        (bay) => ({ ...bay, largestHole: { is: 30 } }),
        (bay) => ({ ...bay, width: bay.width + 100 }),
        (bay) => ({ ...bay, base: 300 }),
        (bay) => ({ ...bay, openings: door ? [...bay.openings, door] : [] }),
      ),
      (whole, at, change) => {
        lapOf(whole);
        innerWalls(whole);
        const other = changed(whole, at % whole.faces.length, change);
        expect(lapOf(other)).toEqual(lapOf(anew(other)));
        expect(innerWalls(other)).toEqual(innerWalls(anew(other)));
        expect(lapOf(other).bays.every(({ face, bay }) => face.bays.includes(bay))).toBe(true);
      },
    ),
  );
});
