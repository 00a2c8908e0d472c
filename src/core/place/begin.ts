/** A new place from a few paced lengths: a rectangular run with a house standing in its far corner. */
import { livesToBeginWith, type Region } from '../tables/animals';
import type { Bay, Face, Opening, Place, Side } from './place';

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

/** Posts stand about this far apart, mm (common practice: 6 ft panels). */
const postSpacing = 1800;
const gateWidth = 900;
const houseHeight = 1200;
/** Fine mesh usually changes to coarser at knee height, mm (common practice). */
const kneeHeight = 600;

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
    faces: [...outerWalls(it), ...houseWalls(it), ...roofs(it)],
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
          side('gate-side', 'gate side', it.runWidth),
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
  const bays = (id: string, name: string, length: number, first?: Opening): Bay[] => {
    const count = Math.max(1, Math.round(length / postSpacing));
    return Array.from({ length: count }, (_, index) =>
      meshBay(
        `${id}${index + 1}`,
        count === 1 ? name : `${name} ${index + 1}`,
        length / count,
        it.runHeight,
        index === 0 && first ? [first] : [],
      ),
    );
  };
  const rest = it.runWidth - it.houseWidth;
  const back = boardBay('hb', 'house back', it.houseWidth, it.nestLid ? [nestLid(it)] : []);
  return [
    wall('wall-gate', 'gate-side', bays('g', 'gate side', it.runWidth, gate(it))),
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
    partition('house-left', boardBay('hl', 'house left wall', it.houseDepth, [vent(it)])),
    partition('house-front', boardBay('hf', 'house front', it.houseWidth, [popDoor(it)])),
  ];
}

function roofs(it: Beginning): Face[] {
  const roof = (id: string, name: string, below: string, height: number): Face => ({
    id,
    kind: 'roof',
    between: ['outside', below],
    bays: [
      {
        id: `${id}-bay`,
        name,
        width: postSpacing,
        height: postSpacing,
        top: { kind: 'roof' },
        bands: [
          {
            id: `${id}-band`,
            from: height,
            to: height,
            layers: [{ id: `${id}-cover`, mesh: { any: true } }],
          },
        ],
        openings: [],
        strands: [],
      },
    ],
  });
  return [
    roof('run-roof', 'run roof', 'run', it.runHeight),
    roof('house-roof', 'house roof', 'house', houseHeight),
  ];
}

function meshBay(
  id: string,
  name: string,
  width: number,
  height: number,
  openings: Opening[],
): Bay {
  const band = (part: string, from: number, to: number) => ({
    id: `${id}-${part}`,
    from,
    to,
    layers: [{ id: `${id}-${part}-1`, mesh: { any: true } as const }],
  });
  return {
    id,
    name,
    width,
    height,
    top: { kind: 'roof' },
    bands:
      height > kneeHeight
        ? [band('low', 0, kneeHeight), band('high', kneeHeight, height)]
        : [band('low', 0, height)],
    ground: {},
    openings,
    strands: [],
  };
}

function boardBay(id: string, name: string, width: number, openings: Opening[]): Bay {
  return {
    id,
    name,
    width,
    height: houseHeight,
    top: { kind: 'roof' },
    bands: [
      {
        id: `${id}-band`,
        from: 0,
        to: houseHeight,
        layers: [{ id: `${id}-board`, mesh: { is: 'solid-board' } }],
      },
    ],
    openings,
    strands: [],
  };
}

type Fixed = Pick<Opening, 'at' | 'up' | 'width' | 'height'>;

/** A door of any kind as it is begun with: shut by hand every night, its latch still to be read. */
function door(
  kind: Opening['kind'],
  id: string,
  name: string,
  latched: boolean,
  where: Fixed,
): Opening {
  return {
    id,
    name,
    kind,
    ...where,
    latches: latched ? [{ id: `${id}-latch`, kind: { any: true } }] : [],
    habit: 'every-night',
    shutBy: 'hand',
  };
}

const gate = ({ runHeight }: Beginning): Opening =>
  door('gate', 'gate', 'gate', true, {
    at: 100,
    up: 0,
    width: gateWidth - 100,
    height: Math.max(runHeight - 100, 300),
  });

const nestLid = ({ houseWidth }: Beginning): Opening =>
  door('nest-lid', 'nest-lid', 'nest lid', true, {
    at: houseWidth / 4,
    up: 400,
    width: houseWidth / 2,
    height: 300,
  });

/** It slides: nothing to latch. */
const popDoor = ({ houseWidth }: Beginning): Opening =>
  door('pop-door', 'pop-door', 'pop door', false, {
    at: houseWidth / 2 - 150,
    up: 200,
    width: 300,
    height: 350,
  });

const vent = ({ houseDepth }: Beginning): Opening => ({
  ...door('vent', 'vent', 'vent', false, {
    at: houseDepth / 4,
    up: 950,
    width: houseDepth / 2,
    height: 150,
  }),
  cover: [{ id: 'vent-cover', mesh: { any: true } }],
  shutBy: 'nobody',
});
