import fc from 'fast-check';
import { animals, animalIds, type AnimalId } from '../tables/animals';
import { meshes } from '../tables/meshes';
import {
  apertureFor,
  apertureOf,
  minutesOfOpening,
  openingReason,
  passEffort,
  verdictOf,
} from './pass';
import { compareLevels, compareMinutes } from './effort-level';

const verdict = (opening: number, id: AnimalId) =>
  verdictOf(apertureFor(opening, 'hole'), animals[id].exclusion);
const level = (opening: number, id: AnimalId) =>
  passEffort(animals[id], 'bay', 'bay.largestHole', opening, 'hole').level;

describe('published closures (all recalled from memory)', () => {
  test('Norway rat: closed at 12.7 mm, ½ in [Baker, Bodman & Timm; CDC]', () => {
    expect(level(12.7, 'norway-rat')).toBe('holds');
    expect(level(12.8, 'norway-rat')).toBe('night');
    // A grown rat needs about 20–25 mm.
    expect(level(20, 'norway-rat')).toBe('open');
  });

  test('½ in 19 gauge mesh (11.66 mm) keeps rats out [BBT], though over the stricter British 10 mm', () => {
    const { value } = meshes['welded-13'].clear;
    expect(level(value, 'norway-rat')).toBe('holds');
    expect(verdict(value, 'norway-rat')).toBe('in-doubt');
  });

  test('American mink: close all openings over 25.4 mm, 1 in [PCWD: Mink]', () => {
    expect(level(25.4, 'american-mink')).toBe('holds');
    expect(level(26, 'american-mink')).toBe('night');
    expect(level(34, 'american-mink')).toBe('minutes');
    expect(level(35, 'american-mink')).toBe('open');
  });

  test('red fox: openings under 76 mm, 3 in [PCWD: Foxes]; a grown one needs about 100', () => {
    expect(level(76.2, 'red-fox')).toBe('holds');
    expect(level(80, 'red-fox')).toBe('night');
    expect(level(90, 'red-fox')).toBe('hour');
    expect(level(100, 'red-fox')).toBe('open');
  });

  test('raccoon: 76.2 mm, the stricter of 3 and 4 in [PCWD: Raccoons]', () => {
    expect(level(76.2, 'raccoon')).toBe('holds');
    expect(level(80, 'raccoon')).toBe('hour');
    expect(level(88, 'raccoon')).toBe('open');
  });

  test('stoat and weasels: ½ in [PCWD: Weasels]; 1 in hex netting does not stop a stoat', () => {
    expect(level(12.7, 'stoat')).toBe('holds');
    expect(level(meshes['hex-25'].clear.value, 'stoat')).toBe('open');
    expect(level(meshes['welded-25'].clear.value, 'stoat')).toBe('open');
    expect(level(meshes['welded-13'].clear.value, 'stoat')).toBe('holds');
  });

  test('house mouse: ¼ in, 6.4 mm [BBT; CDC]; ¼ in 23 gauge mesh (5.69 mm) keeps it out, ½ in does not', () => {
    expect(level(meshes['welded-6'].clear.value, 'house-mouse')).toBe('holds');
    expect(level(meshes['welded-13'].clear.value, 'house-mouse')).toBe('open');
    expect(level(6.4, 'house-mouse')).toBe('holds');
    expect(level(6.5, 'house-mouse')).toBe('night');
  });

  test('snakes: ¼ in mesh [PCWD: Nonpoisonous snakes]', () => {
    expect(level(meshes['welded-6'].clear.value, 'rat-snake')).toBe('holds');
    expect(level(meshes['welded-13'].clear.value, 'rat-snake')).toBe('minutes');
  });

  test('long-tailed weasel: ½ in, not the 1 in the same chapter prints [PCWD: Weasels]', () => {
    expect(level(12.7, 'long-tailed-weasel')).toBe('holds');
    expect(level(25.4, 'long-tailed-weasel')).toBe('open');
  });

  test('least weasel: ¼ in where it occurs [PCWD: Weasels]', () => {
    expect(level(meshes['welded-6'].clear.value, 'least-weasel')).toBe('holds');
    expect(level(meshes['welded-13'].clear.value, 'least-weasel')).toBe('hour');
  });

  test('roof rat: ½ in [PCWD: Roof rats]', () => {
    expect(level(12.7, 'roof-rat')).toBe('holds');
    expect(level(20, 'roof-rat')).toBe('open');
  });

  test('cat: mesh of 50 mm or less [Long & Robley]', () => {
    expect(level(50, 'domestic-cat')).toBe('holds');
    // 2 in mesh clears 50.8 mm: a cat’s head takes 65–75.
    expect(level(50.8, 'domestic-cat')).toBe('night');
    expect(level(75, 'domestic-cat')).toBe('open');
  });
});

describe('closures of common practice', () => {
  test.each([
    ['pine-marten', 25, 45],
    ['stone-marten', 25, 50],
    ['polecat', 25, 45],
    ['fisher', 25.4, 65],
    ['virginia-opossum', 51, 76],
    ['striped-skunk', 51, 100],
    ['bobcat', 51, 125],
    ['coyote', 50.8, 150],
    ['quoll', 25, 40],
    ['goanna', 25, 50],
    ['carpet-python', 12, 25],
    ['european-badger', 50, 130],
    ['goshawk', 51, 110],
    ['red-tailed-hawk', 51, 115],
    ['great-horned-owl', 51, 120],
    ['crow', 38, 51],
  ] as const)('%s: shut out at %d mm, in at %d mm', (id, shut, open) => {
    expect(level(shut, id)).toBe('holds');
    expect(level(open, id)).toBe('open');
  });

  test('2 × 4 in welded mesh stops a fox and lets a mink by', () => {
    const { value } = meshes['welded-50x100'].clear;
    expect(level(value, 'red-fox')).toBe('holds');
    expect(level(value, 'american-mink')).toBe('open');
  });
});

describe('facts of the trade (common practice)', () => {
  test('a 4 in feed pipe left open lets by everything from rat to fox', () => {
    const pipe = 101.6;
    for (const id of [
      'norway-rat',
      'stoat',
      'american-mink',
      'virginia-opossum',
      'red-fox',
    ] as const) {
      expect(level(pipe, id)).toBe('open');
    }
    for (const id of animalIds) expect(level(0, id)).toBe('holds');
  });

  test('badgers, coyotes and bears are not let by what is only over their design figure', () => {
    expect([
      level(50.8, 'european-badger'),
      level(102, 'coyote'),
      level(101, 'black-bear'),
    ]).toEqual(['night', 'hour', 'night']);
  });

  test('a pulled panel that opens 25 mm is a 25 mm gap: stoat and rat pass, mink does not', () => {
    expect(level(25, 'stoat')).toBe('open');
    expect(level(25, 'norway-rat')).toBe('open');
    expect(level(25, 'american-mink')).toBe('holds');
  });
});

test('a reason says which figure met which reading, and by how much', () => {
  const { reason } = passEffort(animals['american-mink'], 'n2', 'ground.gap', 34);
  expect(reason).toMatchObject({
    kind: 'opening',
    opening: 34,
    verdict: 'passes',
    over: 8.6,
    passes: 29.4,
  });
  if (reason.kind === 'opening') expect(reason.used.source).toBe('pcwd-mink');
});

test('a smaller opening is never easier', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...animalIds),
      fc.double({ min: 0, max: 200, noNaN: true }),
      fc.double({ min: 0, max: 200, noNaN: true }),
      (id, a, b) => {
        const [small, wide] = [Math.min(a, b), Math.max(a, b)];
        expect(compareLevels(level(small, id), level(wide, id))).toBeGreaterThanOrEqual(0);
      },
    ),
  );
});

describe('a slot is not a hole (assumption of ours where the figure was measured on mesh)', () => {
  const slot = (opening: number, id: AnimalId) =>
    passEffort(animals[id], 'bay', 'ground.gap', opening, 'slot').level;

  test('a gap of 85 mm all along the sill lets a fox by at once, a hole of 85 mm only with trouble', () => {
    expect([slot(85, 'red-fox'), level(85, 'red-fox')]).toEqual(['open', 'hour']);
    expect([slot(70, 'red-fox'), level(70, 'red-fox')]).toEqual(['night', 'holds']);
    expect([slot(64, 'red-fox'), slot(64.1, 'red-fox')]).toEqual(['holds', 'night']);
    const { reason } = passEffort(animals['red-fox'], 'bay', 'ground.gap', 64, 'slot');
    expect(reason).toMatchObject({ used: { value: 64 }, strict: { value: 64 } });
  });

  test('where the published figure speaks of gaps itself, it shuts both', () => {
    for (const id of ['norway-rat', 'house-mouse', 'american-mink'] as const) {
      const { value } = animals[id].exclusion.used;
      expect([slot(value, id), level(value, id)]).toEqual(['holds', 'holds']);
      expect(slot(value + 0.5, id)).not.toBe('holds');
    }
  });

  test('it is the length that turns a hole to a slot: neither longer nor wider is ever harder', () => {
    const size = () => fc.double({ min: 1, max: 900, noNaN: true });
    fc.assert(
      fc.property(
        fc.constantFrom(...animalIds),
        size(),
        size(),
        size(),
        size(),
        (id, a, b, c, d) => {
          const minutes = (width: number, height: number) =>
            minutesOfOpening(openingReason(animals[id], apertureOf(width, height)));
          expect(compareMinutes(minutes(a, b), minutes(a + c, b + d))).toBeGreaterThanOrEqual(0);
          expect(minutes(a, b)).toBe(minutes(b, a));
        },
      ),
    );
    // What was refused once: 70 × 215 mm let a fox by, and 72 × 215 did not.
    const fox = (width: number, height: number) =>
      openingReason(animals['red-fox'], apertureOf(width, height)).verdict;
    expect([fox(70, 215), fox(72, 215)]).toEqual(['squeezes', 'squeezes']);
  });
});
