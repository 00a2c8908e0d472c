import fc from 'fast-check';
import { randomPlace } from '../tests/random-place';
import { outside, type Face, type Place, type ZoneId } from '../place/place';
import { barriersOf, besidesOnTheWay } from './where-it-tells';

const face = (id: string, between: Face['between']): Face => ({
  id,
  kind: 'wall',
  between,
  bays: [],
});

test('a run’s wall tells by a weak house, a house’s own by nothing, one between them by a weak run', () => {
  const faces = [
    face('run', ['outside', 'run']),
    face('run roof', ['run', 'outside']),
    face('between', ['run', 'house']),
    face('back', ['house', 'outside']),
  ];
  const to = (through: string) => besidesOnTheWay({ faces }, through).map((it) => it.join());
  // Through the run’s wall to the house; and through the house into the run.
  expect(to('outside run')).toEqual(['house run']);
  expect(to('house run').sort()).toEqual(['house outside', 'outside run']);
  expect(to('house outside')).toEqual(['house run']);
});

test('what stands apart tells by itself, and a nest box by house and run', () => {
  const faces = [
    face('run', ['outside', 'run']),
    face('house', ['run', 'house']),
    face('box', ['house', 'box']),
    face('pen', ['outside', 'pen']),
  ];
  expect(besidesOnTheWay({ faces }, 'outside pen')).toEqual([[]]);
  expect(besidesOnTheWay({ faces }, 'box house')).toEqual([['house run', 'outside run']]);
});

/** All ways from outside that meet no zone twice, by following every wall: slow and plain. */
function waysOf({ faces }: Place): (readonly string[])[] {
  const from = (zone: ZoneId, been: readonly ZoneId[]): (readonly string[])[] => [
    [],
    ...faces.flatMap(({ between: [a, b] }) => {
      const next = a === zone ? b : b === zone ? a : undefined;
      if (next === undefined || been.includes(next)) return [];
      const barrier = [a, b].sort().join(' ');
      return from(next, [...been, next]).map((way) => [barrier, ...way]);
    }),
  ];
  return from(outside, [outside]);
}

test('in any place each way is one that can be gone, and every way lies along one of them', () => {
  let ways = 0;
  fc.assert(
    fc.property(randomPlace('some'), (place) => {
      const all = waysOf(place).map((way) => [...way].sort().join());
      for (const barrier of new Set(barriersOf(place).values())) {
        const found = besidesOnTheWay(place, barrier).map((way) => [...way, barrier].sort());
        ways += found.length;
        for (const way of found) expect(all).toContain(way.join());
        for (const way of all.filter((it) => it.split(',').includes(barrier))) {
          expect(found.some((it) => way.split(',').every((one) => it.includes(one)))).toBe(true);
        }
      }
    }),
    { numRuns: 60 },
  );
  expect(ways).toBeGreaterThan(60);
});
