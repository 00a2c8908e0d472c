/** A new place from a few paced lengths: a rectangular run with a house standing in its far corner. */
import { livesToBeginWith, type Region } from '../tables/animals';
import {
  boardBay,
  gate,
  gateWidth,
  houseHeight,
  nestLid,
  popDoor,
  roof,
  runBays,
  vent,
} from './begin-bays';
import type { Bay, Face, Place, Side } from './place';

export interface Beginning {
  readonly id: string;
  readonly name: string;
  readonly units: Place['units'];
  readonly region: Region;
  readonly birds: number;
  readonly kind: Place['flock'][number]['kind'];
  /** Along the gate's side and away from it, mm. */
  readonly runWidth: number;
  readonly runDepth: number;
  readonly runHeight: number;
  /** The house, its back on the run's far side, mm. */
  readonly houseWidth: number;
  readonly houseDepth: number;
  readonly nestLid: boolean;
}

export type BeginningProblem =
  /** The house must leave some run: at least a gate's width beside and before it. */
  { readonly problem: 'house-too-large' };

/** Begins a place in which nothing has been read: every figure of it is for the walk to find. */
export function beginPlace(it: Beginning): Place | BeginningProblem {
  if (it.houseWidth > it.runWidth - gateWidth || it.houseDepth > it.runDepth - gateWidth) {
    return { problem: 'house-too-large' };
  }
  return {
    id: it.id,
    name: it.name,
    units: it.units,
    setting: {
      region: it.region,
      lives: livesToBeginWith(it.region, it.kind === 'chicks'),
      near: [],
    },
    flock: [{ id: 'birds', kind: it.kind, count: it.birds, sleeps: 'house' }],
    zones: zones(it),
    faces: [
      ...outerWalls(it),
      ...houseWalls(it),
      roof('run-roof', 'run roof', 'run', it.runHeight),
      roof('house-roof', 'house roof', 'house', houseHeight),
    ],
  };
}

/** The gate's side runs up (heading 0); the house stands in the far corner of the side opposite to it. */
function zones(it: Beginning): Place['zones'] {
  const side = (id: string, name: string, length: number): Side => ({
    id,
    name,
    kind: 'fence',
    length,
    turn: 90,
  });
  return [
    {
      id: 'run',
      kind: 'run',
      name: 'run',
      outline: {
        start: { x: 0, y: 0 },
        heading: 0,
        sides: [
          side('gate-side', 'gate', it.runWidth),
          side('left', 'left', it.runDepth),
          side('far', 'far side', it.runWidth),
          side('right', 'right', it.runDepth),
        ],
      },
    },
    {
      id: 'house',
      kind: 'house',
      name: 'house',
      outline: {
        start: { x: it.runDepth - it.houseDepth, y: it.houseWidth },
        heading: 90,
        sides: [
          side('house-left', 'house left', it.houseDepth),
          side('house-back', 'house back', it.houseWidth),
          side('house-right', 'house right', it.houseDepth),
          side('house-front', 'house front', it.houseWidth),
        ],
      },
    },
  ];
}

function outerWalls(it: Beginning): Face[] {
  const wall = (id: string, along: string, bays: Bay[]): Face => ({
    id,
    kind: 'wall',
    between: ['outside', 'run'],
    along,
    bays,
  });
  const bays = (id: string, name: string, length: number) =>
    runBays(id, name, length, it.runHeight);
  const rest = it.runWidth - it.houseWidth;
  const back = boardBay(
    'hb',
    'house back',
    it.houseWidth,
    it.nestLid ? [nestLid(it.houseWidth)] : [],
  );
  return [
    wall(
      'wall-gate',
      'gate-side',
      runBays('g', 'gate side', it.runWidth, it.runHeight, (index) =>
        index === 0 ? [gate(it.runHeight)] : [],
      ),
    ),
    wall('wall-left', 'left', bays('l', 'left', it.runDepth)),
    wall('wall-far', 'far', bays('f', 'far side', rest)),
    {
      id: 'wall-house',
      kind: 'wall',
      between: ['outside', 'house'],
      along: 'far',
      bays: [back],
    },
    wall('wall-right', 'right', bays('r', 'right', it.runDepth - it.houseDepth)),
    {
      id: 'wall-house-side',
      kind: 'wall',
      between: ['outside', 'house'],
      along: 'right',
      bays: [boardBay('hs', 'house side', it.houseDepth, [])],
    },
  ];
}

function houseWalls(it: Beginning): Face[] {
  const partition = (along: string, bay: Bay): Face => ({
    id: along,
    kind: 'partition',
    between: ['run', 'house'],
    along,
    bays: [bay],
  });
  return [
    partition(
      'house-left',
      boardBay('hl', 'house left wall', it.houseDepth, [vent(it.houseDepth)]),
    ),
    partition(
      'house-front',
      boardBay('hf', 'house front', it.houseWidth, [popDoor(it.houseWidth)]),
    ),
  ];
}
