/** Random places for property tests: one run, one house in it, every attribute known, ranged or unread. */
import fc from 'fast-check';
import type { Band, Bay, Face, FittedLatch, Layer, Opening, Place, Skirt } from '../place/place';
import { habits, soils, yesNo } from '../place/place';
import { any, is, type PossibleChoice, type PossibleLength } from '../place/possible';
import { animalIds } from '../tables/animals';
import { latchIds } from '../tables/latches';
import { meshIds } from '../tables/meshes';

/** How much of a place has been read. */
export type Knowledge = 'all' | 'some';

const gapSizes = [0, 3, 6, 9.5, 10, 11.66, 12.7, 13, 20, 25, 25.4, 26, 40, 50, 51, 70, 76.2, 90];

function length(knowledge: Knowledge): fc.Arbitrary<PossibleLength> {
  const known = fc.constantFrom(...gapSizes).map(is);
  if (knowledge === 'all') return known;
  const range = fc
    .tuple(fc.constantFrom(...gapSizes), fc.constantFrom(...gapSizes))
    .map(([a, b]): PossibleLength => ({ from: Math.min(a, b), to: Math.max(a, b) }));
  return fc.oneof(known, range, fc.constant(any));
}

function choice<T extends string>(
  values: readonly T[],
  knowledge: Knowledge,
): fc.Arbitrary<PossibleChoice<T>> {
  const known = fc.constantFrom(...values).map((value): PossibleChoice<T> => ({ is: value }));
  if (knowledge === 'all') return known;
  const several = fc
    .subarray([...values], { minLength: 1, maxLength: Math.min(3, values.length) })
    .map((oneOf): PossibleChoice<T> => ({ oneOf }));
  return fc.oneof(known, several, fc.constant(any));
}

const meshOrNone = [...meshIds, 'none'] as const;

function layer(id: string, knowledge: Knowledge): fc.Arbitrary<Layer> {
  return choice(meshOrNone, knowledge).map((mesh) => ({ id, mesh }));
}

function band(id: string, from: number, to: number, knowledge: Knowledge): fc.Arbitrary<Band> {
  return fc
    .integer({ min: 1, max: 2 })
    .chain((count) =>
      fc.tuple(...Array.from({ length: count }, (_, index) => layer(`${id}-${index}`, knowledge))),
    )
    .map((layers) => ({ id, from, to, layers }));
}

function latchesOn(id: string, knowledge: Knowledge): fc.Arbitrary<FittedLatch[]> {
  return fc.integer({ min: 0, max: 2 }).chain((count) =>
    fc.tuple(
      ...Array.from({ length: count }, (_, index) =>
        choice([...latchIds, 'none'] as const, knowledge).map((kind) => ({
          id: `${id}-latch-${index}`,
          kind,
        })),
      ),
    ),
  );
}

function opening(id: string, knowledge: Knowledge): fc.Arbitrary<Opening> {
  return fc
    .record({
      kind: fc.constantFrom('gate', 'door', 'hatch', 'pop-door', 'nest-lid', 'vent'),
      up: fc.constantFrom(0, 200, 900, 1500),
      gap: length(knowledge),
      gapPulled: length(knowledge),
      latches: latchesOn(id, knowledge),
      habit: fc.constantFrom(...habits),
      cover: layer(`${id}-cover`, knowledge),
    })
    .map(({ kind, cover, ...rest }): Opening => {
      const base = { ...rest, id, name: id, at: 0, width: 300, height: 250 };
      return kind === 'vent'
        ? { ...base, kind, shutBy: 'nobody', latches: [], cover: [cover] }
        : { ...base, kind: kind as Opening['kind'], shutBy: 'hand' };
    });
}

function skirt(knowledge: Knowledge): fc.Arbitrary<Skirt> {
  const reach = (): fc.Arbitrary<PossibleLength> => {
    const known = fc.constantFrom(0, 150, 240, 305, 330, 450, 610, 700).map(is);
    return knowledge === 'all' ? known : fc.oneof(known, fc.constant(any));
  };
  return fc.record({
    mesh: fc.constant(is('welded-13' as const)),
    depth: reach(),
    outward: reach(),
    tied: choice(yesNo, knowledge),
  });
}

function bay(id: string, knowledge: Knowledge): fc.Arbitrary<Bay> {
  return fc
    .record({
      width: fc.integer({ min: 300, max: 2500 }),
      low: band(`${id}-low`, 0, 600, knowledge),
      high: band(`${id}-high`, 600, 1800, knowledge),
      gap: length(knowledge),
      gapLifted: length(knowledge),
      soil: choice(soils, knowledge),
      skirt: skirt(knowledge),
      panelPulled: length(knowledge),
      largestHole: length(knowledge),
      openings: fc.oneof(
        fc.constant([]),
        opening(`${id}-opening`, knowledge).map((it) => [it]),
      ),
    })
    .map(
      ({ width, low, high, gap, gapLifted, soil, skirt, panelPulled, largestHole, openings }) => ({
        id,
        name: id,
        width,
        height: 1800,
        top: { kind: 'roof' as const },
        bands: [low, high],
        ground: { gap, gapLifted, soil, skirt },
        openings,
        strands: [],
        panelPulled,
        largestHole,
      }),
    );
}

function face(
  id: string,
  kind: Face['kind'],
  between: Face['between'],
  along: string,
  bays: number,
  knowledge: Knowledge,
): fc.Arbitrary<Face> {
  return fc
    .tuple(...Array.from({ length: bays }, (_, index) => bay(`${id}${index}`, knowledge)))
    .map((all) => ({ id, kind, between, along, bays: all }));
}

const square = (id: string, at: number, size: number) => ({
  start: { x: at, y: at },
  heading: 0,
  sides: ['w', 'n', 'e', 's'].map((name) => ({
    id: `${id}-${name}`,
    name: `${id} ${name}`,
    kind: 'fence' as const,
    length: size,
    turn: 90,
  })),
});

export function randomPlace(knowledge: Knowledge): fc.Arbitrary<Place> {
  return fc
    .record({
      units: fc.constantFrom('metric' as const, 'imperial' as const),
      lives: fc.subarray([...animalIds], { minLength: 1 }),
      count: fc.integer({ min: 1, max: 40 }),
      sleeps: fc.constantFrom('house', 'house', 'house', 'run'),
      west: face('w', 'wall', ['outside', 'run'], 'run-w', 2, knowledge),
      north: face('n', 'wall', ['outside', 'run'], 'run-n', 1, knowledge),
      east: face('e', 'wall', ['outside', 'house'], 'run-e', 1, knowledge),
      front: face('f', 'partition', ['run', 'house'], 'house-w', 1, knowledge),
      back: face('b', 'partition', ['run', 'house'], 'house-n', 1, knowledge),
    })
    .map(({ units, lives, count, sleeps, west, north, east, front, back }) => ({
      id: 'random',
      name: 'Random place',
      units,
      setting: { region: 'eu' as const, lives },
      flock: [{ id: 'g', kind: 'grown' as const, count, sleeps }],
      zones: [
        { id: 'run', kind: 'run' as const, name: 'run', outline: square('run', 0, 4000) },
        {
          id: 'house',
          kind: 'house' as const,
          name: 'house',
          outline: square('house', 1500, 1000),
        },
      ],
      faces: [west, north, east, front, back],
    }));
}
