/**
 * A single pen of one bay a side under a sound roof, chicks in it, everything read and sound: prescriptions are checked by
 * building to them and by spoiling one thing. Sent through the file format, as a keeper's place would be.
 */
import { writePlaceFile } from '../formats/place-file';
import { readPlaceFile } from '../formats/read-place-file';
import type { DoorMoves, LetGo } from '../place/bay';
import { unreadCover } from '../place/opening-cover';
import { any } from '../place/possible';
import type { Band, Bay, Face, Layer, Opening, Place, TopEdge } from '../place/place';
import { judge, type Judgement } from '../score/judge';
import type { Scenario } from '../score/scenario';
import { animals, type Animal, type AnimalId } from '../tables/animals';
import type { Condition, Fixing } from '../tables/fixings';
import type { LatchId } from '../tables/latches';
import type { MeshId } from '../tables/meshes';
import type { Soil } from '../tables/soils';
import type { TimberState } from '../tables/timber';

export interface Pen {
  readonly scenario?: Scenario;
  /** "none": a strand standing free, with no cover behind it. */
  readonly mesh?: MeshId | 'none';
  /** Clear opening as measured, mm. */
  readonly clear?: number;
  /** Mesh above knee height, where it differs, and where that begins. */
  readonly upperMesh?: MeshId;
  readonly fineTo?: number;
  readonly second?: MeshId;
  readonly fixing?: Fixing;
  readonly condition?: Condition;
  readonly height?: number;
  /** Absent: joined to a roof. */
  readonly top?: TopEdge;
  readonly roof?: MeshId;
  readonly roofHole?: number;
  readonly gap?: number;
  readonly pulled?: number;
  readonly hole?: number;
  readonly soil?: Soil;
  readonly depth?: number;
  readonly outward?: number;
  readonly tied?: 'yes' | 'no';
  readonly skirtMesh?: MeshId;
  readonly freshDigging?: boolean;
  readonly floor?: MeshId;
  /** Nearest roost to the cover, mm. */
  readonly roost?: number;
  readonly door?: {
    readonly latches: readonly LatchId[];
    readonly corner?: number;
    readonly gap?: number;
    /** What it is made of; absent: something that nothing goes through. */
    readonly cover?: MeshId | 'none' | 'unread';
    readonly moves?: DoorMoves;
    /** What it does let go, by day open; absent: shut by day too. */
    readonly letGo?: LetGo;
    /** Absent: tight. */
    readonly hinges?: 'tight' | 'loose';
    /** Whether the wires run across it; absent: they do. */
    readonly crossed?: 'yes' | 'no';
  };
  /** A feed pipe of this bore, its plug in every night or never. */
  readonly pipe?: { readonly bore: number; readonly plugged: boolean };
  readonly wires?: readonly (readonly [height: number, standOff: number])[];
  /** The one wall before which no wires run. */
  readonly wireless?: (typeof sideIds)[number];
  readonly kilovolts?: number;
  /** Of the timber along the ground; absent: there is none. */
  readonly timber?: TimberState | 'unread';
  /** A light frame, kg, with pegs so long, mm. */
  readonly frame?: { readonly weight: number; readonly pegs: number };
}

export type Table = Readonly<Record<AnimalId, Animal>>;

export function judgePen(lives: readonly AnimalId[], pen: Pen, table: Table = animals): Judgement {
  const read = readPlaceFile(
    writePlaceFile({ place: penPlace(lives, pen), walks: [], mends: [], sightings: [] }),
  );
  if ('problem' in read) throw new Error(JSON.stringify(read));
  return judge(read.file.place, [], { scenario: pen.scenario ?? 'night-shut', table });
}

/** How the pen stands against one animal: by minutes along its weakest route, and by what strands turn back. */
export type Standing = 'holds' | 'turned back' | 'slow' | 'in';

export function standsAgainst(id: AnimalId, pen: Pen, table?: Table): Standing {
  const { animals: judged, stops } = judgePen([id], pen, table);
  const [it] = judged;
  if (it?.presence !== 'about') throw new Error(`${id} is not about`);
  const { best, worst } = it.minutes;
  if (best !== worst) throw new Error(`something is unread (${stops.unread})`);
  if (best === null) return 'holds';
  if ((it.route?.turnedBack ?? 0) >= 0.8) return 'turned back';
  return best >= 60 ? 'slow' : 'in';
}

const sideIds = ['west', 'north', 'east', 'south'] as const;

export function penPlace(lives: readonly AnimalId[], pen: Pen): Place {
  const sides = sideIds.map((id) => ({
    id,
    name: id,
    kind: 'fence' as const,
    length: 2000,
    turn: 90,
  }));
  const walls = sides.map(({ id }): Face => ({
    id: `${id}-wall`,
    kind: 'wall',
    between: ['outside', 'run'],
    along: id,
    bays: [penBay(id, pen, id === 'west' ? openings(pen) : [])],
  }));
  return {
    id: 'pen',
    name: 'Pen',
    units: 'metric',
    setting: { region: 'eu', lives, near: [] },
    flock: [{ id: 'birds', kind: 'chicks', count: 6, sleeps: 'run' }],
    zones: [
      {
        id: 'run',
        kind: 'run',
        name: 'pen',
        outline: { start: { x: 0, y: 0 }, heading: 0, sides },
      },
    ],
    faces: [...walls, ...(pen.top ? [] : [roofFace(pen, pen.roof ?? 'masonry')])],
    fence: { id: 'line', volts: { is: pen.kilovolts ?? 0 }, on: 'always' },
  };
}

const height = (pen: Pen): number => pen.height ?? 1800;

function penBay(id: string, pen: Pen, its: Opening[]): Bay {
  return {
    ...held(pen),
    id,
    name: id,
    width: 2000,
    height: height(pen),
    top: pen.top ?? { kind: 'roof' },
    bands: bands(id, pen),
    ground: ground(pen),
    openings: its,
    strands: (pen.wireless === id ? [] : (pen.wires ?? [])).map(([up, standOff], index) => ({
      id: `${id}-wire-${index}`,
      height: { is: up },
      standOff: { is: standOff },
      touching: { is: 'nothing' },
    })),
    // Whoever asks about fixings asks of ones that were not found to hold a hard pull.
    panelPulled: { is: pen.pulled ?? (pen.fixing ? 5 : 0) },
    largestHole: { is: pen.hole ?? 0 },
    roost: { is: pen.roost ?? 1000 },
  };
}

const held = ({ fixing, condition }: Pen): Pick<Bay, 'fixing' | 'condition'> => ({
  fixing: { is: fixing ?? 'screws-washers' },
  condition: { is: condition ?? 'sound' },
});

function bands(id: string, pen: Pen): Band[] {
  const { mesh = 'sheet', second, clear } = pen;
  if (mesh === 'none') return [];
  const band = (part: string, from: number, to: number, of: MeshId): Band => ({
    id: `${id}-${part}`,
    from,
    to,
    layers: [
      { id: `${id}-${part}-1`, mesh: { is: of }, ...(clear && { clear: { is: clear } }) },
      ...(second ? [{ id: `${id}-${part}-2`, mesh: { is: second } } as const] : []),
    ],
  });
  const knee = pen.fineTo ?? 600;
  return height(pen) > knee
    ? [band('low', 0, knee, mesh), band('high', knee, height(pen), pen.upperMesh ?? mesh)]
    : [band('low', 0, height(pen), mesh)];
}

function ground(pen: Pen): NonNullable<Bay['ground']> {
  const isDug = pen.depth !== undefined || pen.outward !== undefined || pen.floor !== undefined;
  return {
    gap: { is: pen.gap ?? 0 },
    gapLifted: { is: pen.gap ?? 0 },
    soil: { is: pen.soil ?? (isDug ? 'firm' : 'rock') },
    digging: { is: pen.freshDigging ? 'yes' : 'no' },
    skirt: {
      mesh: { is: pen.skirtMesh ?? 'welded-13' },
      depth: { is: pen.depth ?? 0 },
      outward: { is: pen.outward ?? 0 },
      tied: { is: pen.tied ?? 'yes' },
    },
    ...(pen.floor && { floor: { is: pen.floor } }),
    ...(pen.timber && { timber: pen.timber === 'unread' ? any : { is: pen.timber } }),
    ...(pen.frame && { weight: { is: pen.frame.weight }, pegs: { is: pen.frame.pegs } }),
  };
}

function roofFace(pen: Pen, mesh: MeshId): Face {
  const up = height(pen);
  const bay: Bay = {
    ...penBay('roof', { ...pen, top: { kind: 'roof' }, wires: [] }, []),
    largestHole: { is: pen.roofHole ?? 0 },
    bands: [{ id: 'roof-band', from: up, to: up, layers: [{ id: 'roof-1', mesh: { is: mesh } }] }],
  };
  const { ground: _none, ...rest } = bay;
  return { id: 'roof-face', kind: 'roof', between: ['outside', 'run'], bays: [rest] };
}

const common: Omit<Opening, 'id' | 'name' | 'kind'> = {
  at: 200,
  up: 0,
  width: 800,
  height: 1700,
  gap: { is: 0 },
  gapPulled: { is: 0 },
  latches: [],
  habit: 'every-night',
  shutBy: 'hand',
};

const sturdy = (id: string, mesh: MeshId | 'none', condition: Condition = 'sound'): Layer => ({
  id: `${id}-cover`,
  mesh: { is: mesh },
  fixing: { is: 'screws-washers' },
  condition: { is: condition },
});

function openings(pen: Pen): Opening[] {
  const { door, pipe } = pen;
  return [
    ...(door
      ? [
          {
            ...common,
            id: 'door',
            name: 'door',
            kind: 'door',
            gap: { is: door.gap ?? 0 },
            gapPulled: { is: door.corner ?? 0 },
            ...(door.moves && { moves: door.moves }),
            ...(door.letGo && { letGo: door.letGo, byDay: 'open' as const }),
            hinges: { is: door.hinges ?? 'tight' },
            crossed: { is: door.crossed ?? 'yes' },
            cover:
              door.cover === 'unread'
                ? [unreadCover('door')]
                : [sturdy('door', door.cover ?? 'masonry', pen.condition)],
            latches: door.latches.map((kind, index) => ({
              id: `latch-${index}`,
              kind: { is: kind },
            })),
          } as const,
        ]
      : []),
    ...(pipe
      ? [
          {
            ...common,
            id: 'pipe',
            name: 'feed pipe',
            kind: 'pass-through',
            width: pipe.bore,
            height: pipe.bore,
            habit: pipe.plugged ? 'every-night' : 'never',
            gap: { is: 0 },
            gapPulled: { is: 0 },
            crossed: { is: 'yes' },
            cover: [sturdy('pipe', 'masonry', 'sound')],
          } as const,
        ]
      : []),
  ];
}
