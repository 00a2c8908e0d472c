/** A new place from a few paced lengths: a rectangular run with a house standing in its far corner. */
import { boardBay, gate, gateWidth, nestLid, runBays } from './begin-bays';
import { begunPlace, housePartitions, houseSides, type Named } from './begun-place';
import type { Bay, Face, Place, Side } from './place';

export interface Beginning extends Named {
  /** Along the gate's side and away from it, mm. */
  readonly runWidth: number;
  readonly runDepth: number;
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
  const inner = housePartitions(it.houseWidth, it.houseDepth, false);
  return begunPlace(it, zones(it), [...outerWalls(it), ...inner]);
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
        sides: houseSides(it.houseWidth, it.houseDepth),
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
