/** A place of any size as keepers have them: most bays good, some with a fault, some not looked at. Seeded, so that two runs judge the same. */
import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import type { Bay, Face, Opening, Place } from '../src/core/place/place';
import type { PossibleAmount } from '../src/core/place/possible';
import { animalIds } from '../src/core/tables/animals';
import type { MeshId } from '../src/core/tables/meshes';

const bayWidth = 1800;
const baysOfHouse = 4;

/** One run with a house in it; `bays` is the count of all. */
export function largePlace(bays: number, animals = 30, seed = 60): Place {
  const generator = xoroshiro128plus(seed);
  const roll = () => uniformInt(generator, 1, 100);
  const perSide = Math.max(1, Math.floor((bays - baysOfHouse) / 4));
  const sides = ['west', 'north', 'east', 'south'];
  const counts = sides.map((_, index) =>
    index === 3 ? bays - baysOfHouse - 3 * perSide : perSide,
  );
  const square = (id: string, at: number, size: number) => ({
    start: { x: at, y: at },
    heading: 0,
    sides: sides.map((name) => ({
      id: `${id}-${name}`,
      name,
      kind: 'fence' as const,
      length: size,
      turn: 90,
    })),
  });
  const walls = sides.flatMap((side, index): Face[] => {
    // Faces of six bays, as a long fence is described.
    const names = Array.from({ length: counts[index] ?? 0 }, (_, bay) => `${side}-${bay}`);
    return chunked(names, 6).map((chunk, part) => ({
      id: `${side}-wall-${part}`,
      kind: 'wall',
      between: ['outside', 'run'],
      along: `run-${side}`,
      bays: chunk.map((id) => runBay(id, roll, id === 'west-0' ? [door('gate', 'gate')] : [])),
    }));
  });
  const house = sides.map((side, index): Face => ({
    id: `house-${side}`,
    kind: 'partition',
    between: ['run', 'house'],
    along: `house-${side}`,
    bays: [boarded(`house-${side}-0`, index === 0 ? [door('pop-door', 'pop')] : [])],
  }));
  return {
    id: 'large',
    name: 'Large place',
    units: 'metric',
    setting: {
      region: 'eu',
      lives: animalIds.filter((id) => id !== 'black-bear').slice(0, animals),
      near: ['farmland', 'woods'],
    },
    flock: [
      {
        id: 'hens',
        kind: 'grown',
        count: 30,
        sleeps: 'house',
        ranging: { zone: 'run', hours: 4, watched: false },
      },
    ],
    zones: [
      { id: 'run', kind: 'run', name: 'run', outline: square('run', 0, perSide * bayWidth) },
      { id: 'house', kind: 'house', name: 'house', outline: square('house', 2000, bayWidth) },
    ],
    faces: [...walls, ...house],
  };
}

function chunked<T>(all: readonly T[], size: number): T[][] {
  return all.length === 0 ? [] : [all.slice(0, size), ...chunked(all.slice(size), size)];
}

/** Nine in a hundred of any reading are unread, eight too wide. */
function gap(roll: () => number, good: number, bad: number): PossibleAmount {
  const it = roll();
  if (it <= 9) return { any: true };
  return { is: it <= 17 ? bad : good };
}

function runBay(id: string, roll: () => number, openings: Opening[]): Bay {
  const upper: MeshId = roll() <= 15 ? 'hex-25' : 'welded-13';
  return {
    ...walled(id, 1800, openings),
    bands: [
      { id: `${id}-l`, from: 0, to: 600, layers: [{ id: `${id}-l1`, mesh: { is: 'welded-13' } }] },
      { id: `${id}-h`, from: 600, to: 1800, layers: [{ id: `${id}-h1`, mesh: { is: upper } }] },
    ],
    ground: {
      gap: gap(roll, 6, 30),
      gapLifted: gap(roll, 8, 40),
      soil: { is: 'firm' },
      digging: { is: 'no' },
      skirt: {
        mesh: { is: 'welded-13' },
        depth: gap(roll, 620, 200),
        outward: { is: 320 },
        tied: { is: 'yes' },
      },
    },
    panelPulled: gap(roll, 5, 28),
    largestHole: gap(roll, 0, 15),
  };
}

function boarded(id: string, openings: Opening[]): Bay {
  return {
    ...walled(id, 1200, openings),
    bands: [
      {
        id: `${id}-b`,
        from: 0,
        to: 1200,
        layers: [{ id: `${id}-b1`, mesh: { is: 'solid-board' } }],
      },
    ],
    panelPulled: { is: 2 },
    largestHole: { is: 0 },
  };
}

function walled(id: string, height: number, openings: Opening[]): Omit<Bay, 'bands'> {
  return {
    id,
    name: id,
    width: bayWidth,
    height,
    top: { kind: 'roof' },
    openings,
    strands: [],
    fixing: { is: 'batten' },
    condition: { is: 'sound' },
    roost: { is: 600 },
  };
}

function door(kind: Opening['kind'], id: string): Opening {
  return {
    id,
    name: id,
    kind,
    at: 100,
    up: 50,
    width: 800,
    height: 1000,
    gap: { is: 8 },
    gapPulled: { is: 11 },
    latches: kind === 'gate' ? [{ id: `${id}-latch`, kind: { is: 'two-motion' } }] : [],
    habit: 'every-night',
    shutBy: 'hand',
  };
}
