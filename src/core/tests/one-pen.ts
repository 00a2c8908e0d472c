/** A single pen of one bay all round, birds in it, everything read and sound: prescriptions are checked by spoiling one thing. */
import { writePlaceFile } from '../formats/place-file';
import { readPlaceFile } from '../formats/read-place-file';
import type { Bay, Opening, Place, Soil } from '../place/place';
import type { AnimalId } from '../tables/animals';
import type { LatchId } from '../tables/latches';
import type { MeshId } from '../tables/meshes';
import { judge, type Judgement } from '../score/judge';

export interface Pen {
  readonly lives: readonly AnimalId[];
  readonly mesh?: MeshId;
  /** Mesh above knee height, where it differs. */
  readonly upperMesh?: MeshId;
  readonly gap?: number;
  readonly pulled?: number;
  readonly hole?: number;
  readonly soil?: Soil;
  readonly depth?: number;
  readonly outward?: number;
  readonly tied?: 'yes' | 'no';
  readonly door?: { readonly latches: readonly LatchId[]; readonly corner?: number };
}

/** Sent through the file format and judged, as a keeper's place would be. */
export function judgePen(pen: Pen): Judgement {
  const read = readPlaceFile(writePlaceFile(penPlace(pen), [], []));
  if ('problem' in read) throw new Error(JSON.stringify(read));
  return judge(read.file.place, []);
}

/** How the pen stands against one animal: the rungs of the yard's list. */
export function standsAgainst(id: AnimalId, pen: Omit<Pen, 'lives'>): 'holds' | 'slow' | 'in' {
  const { waysIn, slowWays, animals } = judgePen({ ...pen, lives: [id] });
  if (waysIn.length > 0) return 'in';
  if (slowWays.length > 0) return 'slow';
  if (animals[0]?.minutes.best !== animals[0]?.minutes.worst)
    throw new Error('something is unread');
  return 'holds';
}

function penPlace(pen: Pen): Place {
  const sides = ['west', 'north', 'east', 'south'].map((id) => ({
    id,
    name: id,
    kind: 'fence' as const,
    length: 2000,
    turn: 90,
  }));
  return {
    id: 'pen',
    name: 'Pen',
    units: 'metric',
    setting: { region: 'eu', lives: pen.lives },
    flock: [{ id: 'birds', kind: 'grown', count: 6, sleeps: 'run' }],
    zones: [
      {
        id: 'run',
        kind: 'run',
        name: 'pen',
        outline: { start: { x: 0, y: 0 }, heading: 0, sides },
      },
    ],
    faces: sides.map(({ id }) => ({
      id: `${id}-wall`,
      kind: 'wall',
      between: ['outside', 'run'],
      along: id,
      bays: [penBay(id, pen, id === 'west' && pen.door ? [penDoor(pen.door)] : [])],
    })),
  };
}

function penBay(id: string, pen: Pen, openings: Opening[]): Bay {
  const mesh = pen.mesh ?? 'welded-3';
  return {
    id,
    name: id,
    width: 2000,
    height: 1800,
    top: { kind: 'roof' },
    bands: [
      { id: `${id}-low`, from: 0, to: 600, layers: [{ id: `${id}-1`, mesh: { is: mesh } }] },
      {
        id: `${id}-high`,
        from: 600,
        to: 1800,
        layers: [{ id: `${id}-2`, mesh: { is: pen.upperMesh ?? mesh } }],
      },
    ],
    ground: {
      gap: { is: pen.gap ?? 0 },
      gapLifted: { is: pen.gap ?? 0 },
      soil: {
        is: pen.soil ?? (pen.depth === undefined && pen.outward === undefined ? 'rock' : 'firm'),
      },
      skirt: {
        mesh: { is: 'welded-13' },
        depth: { is: pen.depth ?? 0 },
        outward: { is: pen.outward ?? 0 },
        tied: { is: pen.tied ?? 'yes' },
      },
    },
    openings,
    strands: [],
    panelPulled: { is: pen.pulled ?? 0 },
    largestHole: { is: pen.hole ?? 0 },
  };
}

function penDoor({ latches, corner = 0 }: NonNullable<Pen['door']>): Opening {
  return {
    id: 'door',
    name: 'door',
    kind: 'door',
    at: 200,
    up: 0,
    width: 800,
    height: 1700,
    gap: { is: 0 },
    gapPulled: { is: corner },
    latches: latches.map((kind, index) => ({ id: `latch-${index}`, kind: { is: kind } })),
    habit: 'every-night',
    shutBy: 'hand',
  };
}
