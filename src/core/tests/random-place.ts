/** Random places for property tests: one run, one house in it, every attribute known, ranged or unread, every attack possible. */
import fc from 'fast-check';
import {
  type Band,
  type Bay,
  type Face,
  type Fence,
  type FittedLatch,
  type Group,
  type Layer,
  type Opening,
  type Place,
  type Skirt,
} from '../place/place';
import { birdKinds } from '../tables/bird-kinds';
import { byDays, doorMoves, habits, letGos, yesNo, type Strand, type TopEdge } from '../place/bay';
import type { FenceLine } from '../place/fence';
import { strandHours } from '../tables/strand-hours';
import { fenceWires } from '../tables/fence-wires';
import { grounds } from '../tables/fence-ground';
import { any, is, type PossibleChoice, type PossibleAmount } from '../place/possible';
import { animalIds } from '../tables/animals';
import { conditions, fixings } from '../tables/fixings';
import { hingeStates } from '../tables/hinges';
import { latchIds } from '../tables/latches';
import { meshIds } from '../tables/meshes';
import { touching } from '../tables/shocking';
import { soils } from '../tables/soils';
import { nearThings } from '../tables/visiting';

/** How much of a place has been read. */
export type Knowledge = 'all' | 'some';

const gapSizes = [0, 3, 6, 9.5, 10, 11.66, 12.7, 13, 20, 25, 25.4, 26, 40, 50, 51, 70, 76.2, 90];

function length(
  knowledge: Knowledge,
  sizes: readonly number[] = gapSizes,
): fc.Arbitrary<PossibleAmount> {
  const known = fc.constantFrom(...sizes).map(is);
  if (knowledge === 'all') return known;
  const range = fc
    .tuple(fc.constantFrom(...sizes), fc.constantFrom(...sizes))
    .map(([a, b]): PossibleAmount => ({ from: Math.min(a, b), to: Math.max(a, b) }));
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
      kind: fc.constantFrom('gate', 'door', 'pop-door', 'nest-lid', 'vent', 'pass-through'),
      up: fc.constantFrom(0, 200, 900, 1500),
      gap: length(knowledge),
      gapPulled: length(knowledge),
      latches: latchesOn(id, knowledge),
      habit: fc.constantFrom(...habits),
      byDay: fc.constantFrom(...byDays),
      letGo: fc.constantFrom(...letGos),
      hinges: choice(hingeStates, knowledge),
      cover: fc
        .record({
          layer: layer(`${id}-cover`, knowledge),
          fixing: choice(fixings, knowledge),
          condition: choice(conditions, knowledge),
        })
        .map(({ layer: it, ...held }): Layer => ({ ...it, ...held })),
      crossed: choice(yesNo, knowledge),
      moves: fc.option(fc.constantFrom(...doorMoves), { nil: undefined }),
    })
    .map(({ kind, cover, moves, crossed, hinges, ...rest }): Opening => {
      const base = { ...rest, id, name: id, at: 0, width: 300, height: 250, cover: [cover] };
      return kind === 'vent'
        ? { ...base, kind, shutBy: 'nobody', latches: [] }
        : {
            ...base,
            kind: kind as Opening['kind'],
            shutBy: 'hand',
            crossed,
            hinges,
            ...(moves && { moves }),
          };
    });
}

const reaches = [0, 150, 240, 305, 330, 450, 610, 700];

function skirt(knowledge: Knowledge): fc.Arbitrary<Skirt> {
  return fc.record({
    mesh: choice(['welded-13', 'hex-50', 'none'] as const, knowledge),
    depth: length(knowledge, reaches),
    outward: length(knowledge, reaches),
    tied: choice(yesNo, knowledge),
  });
}

/** Posts set, or a light frame that may be lifted. */
function ground(knowledge: Knowledge): fc.Arbitrary<NonNullable<Bay['ground']>> {
  return fc
    .record({
      gap: length(knowledge),
      gapLifted: length(knowledge),
      soil: choice(soils, knowledge),
      skirt: skirt(knowledge),
      digging: choice(yesNo, knowledge),
      frame: fc.option(
        fc.record({
          weight: length(knowledge, [8, 20, 60, 200]),
          pegs: length(knowledge, [0, 300, 450]),
        }),
        { nil: undefined, freq: 4 },
      ),
      floor: fc.option(choice(['welded-13', 'hex-25', 'none'] as const, knowledge), {
        nil: undefined,
        freq: 4,
      }),
    })
    .map(({ frame, floor, ...rest }) => ({ ...rest, ...frame, ...(floor && { floor }) }));
}

const tops: readonly TopEdge[] = [
  { kind: 'roof' },
  { kind: 'roof' },
  { kind: 'open' },
  { kind: 'overhang', width: 600 },
  { kind: 'hood', width: 300 },
  { kind: 'tilt', tilt: 30 },
];

function strands(id: string, knowledge: Knowledge): fc.Arbitrary<Strand[]> {
  return fc.integer({ min: 0, max: 2 }).chain((count) =>
    fc.tuple(
      ...Array.from({ length: count }, (_, index) =>
        fc.record({
          id: fc.constant(`${id}-strand-${index}`),
          height: length(knowledge, [90, 152, 203, 305, 457]),
          standOff: length(knowledge, [0, 203]),
          touching: choice(touching, knowledge),
        }),
      ),
    ),
  );
}

function bay(id: string, knowledge: Knowledge): fc.Arbitrary<Bay> {
  return fc
    .record({
      width: fc.integer({ min: 300, max: 2500 }),
      top: fc.constantFrom(...tops),
      low: band(`${id}-low`, 0, 600, knowledge),
      high: band(`${id}-high`, 600, 1800, knowledge),
      ground: ground(knowledge),
      panelPulled: length(knowledge),
      largestHole: length(knowledge),
      fixing: choice(fixings, knowledge),
      condition: choice(conditions, knowledge),
      roost: length(knowledge, [0, 100, 250, 1000]),
      strands: strands(id, knowledge),
      openings: fc.oneof(
        fc.constant([]),
        opening(`${id}-opening`, knowledge).map((it) => [it]),
      ),
    })
    .map(({ low, high, ...rest }) => ({
      ...rest,
      id,
      name: id,
      height: 1800,
      bands: [low, high],
    }));
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

function group(id: string): fc.Arbitrary<Group> {
  return fc.record({
    id: fc.constant(id),
    kind: fc.constantFrom(...birdKinds),
    count: fc.integer({ min: 1, max: 40 }),
    sleeps: fc.constantFrom('house', 'house', 'house', 'run', 'outside'),
    days: fc.constantFrom('run', 'house'),
    ranging: fc.record({
      zone: fc.constantFrom('outside', 'run'),
      hours: fc.constantFrom(0, 2, 6),
      watched: fc.boolean(),
    }),
  });
}

function fence(knowledge: Knowledge): fc.Arbitrary<Fence> {
  return fc
    .record({
      volts: length(knowledge, [0, 2, 4, 7]),
      on: fc.constantFrom(...strandHours),
      line: fc.option(fenceLine, { nil: undefined }),
      near: length(knowledge, [2, 5, 7]),
      open: length(knowledge, [4, 8]),
      ground: choice(grounds, knowledge),
    })
    .map(({ line, near, open, ground, ...rest }): Fence => ({
      id: 'fence',
      ...rest,
      ...(line && { line, near, open, ground }),
    }));
}

const fenceLine: fc.Arbitrary<FenceLine> = fc.record({
  energizer: fc.constantFrom(
    { feed: 'mains' as const, open: 8, loaded: 5 },
    { feed: 'battery-12' as const, joules: 0.3 },
    { feed: 'solar' as const },
  ),
  wire: fc.constantFrom(...fenceWires),
  shape: fc.constantFrom('open' as const, 'ring' as const),
  back: fc.constantFrom('ground' as const, 'earth-wire' as const),
});

export function randomPlace(knowledge: Knowledge): fc.Arbitrary<Place> {
  return fc
    .record({
      units: fc.constantFrom('metric' as const, 'imperial' as const),
      region: fc.constantFrom('eu' as const, 'na' as const, 'au' as const),
      lives: fc.subarray([...animalIds], { minLength: 1 }),
      near: fc.subarray([...nearThings]),
      flock: fc.oneof(
        group('g').map((it) => [it]),
        fc.tuple(group('g'), group('h')),
      ),
      fence: fc.option(fence(knowledge), { nil: undefined, freq: 2 }),
      west: face('w', 'wall', ['outside', 'run'], 'run-w', 2, knowledge),
      north: face('n', 'wall', ['outside', 'run'], 'run-n', 1, knowledge),
      east: face('e', 'wall', ['outside', 'house'], 'run-e', 1, knowledge),
      front: face('f', 'partition', ['run', 'house'], 'house-w', 1, knowledge),
      back: face('b', 'partition', ['run', 'house'], 'house-n', 1, knowledge),
    })
    .map(({ units, region, lives, near, flock, fence, west, north, east, front, back }) => ({
      id: 'random',
      name: 'Random place',
      units,
      setting: { region, lives, near },
      flock,
      ...(fence && { fence }),
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
    }))
    .map(asFromAFile);
}

/** Places come from files and from the database: plain objects, never those without a prototype that generators make now and then. */
const asFromAFile = (place: Place): Place => JSON.parse(JSON.stringify(place)) as Place;

/** The same where some of the walls are a house's that may stand on a floor of its own. */
export function randomFloored(knowledge: Knowledge): fc.Arbitrary<Place> {
  const own = fc.option(choice(['solid-board', 'masonry', 'hex-25', 'none'] as const, knowledge), {
    nil: undefined,
  });
  return fc
    .tuple(randomPlace(knowledge), fc.array(own, { minLength: 8, maxLength: 8 }))
    .map(([place, floors]) => {
      let at = 0;
      const floored = (bay: Bay): Bay => {
        const floor = floors[(at += 1) % floors.length];
        return bay.ground && floor
          ? { ...bay, ground: { ...bay.ground, floor, onFloor: true } }
          : bay;
      };
      return {
        ...place,
        faces: place.faces.map((face) => ({ ...face, bays: face.bays.map(floored) })),
      };
    });
}
