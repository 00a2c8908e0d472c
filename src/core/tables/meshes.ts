/**
 * Mesh, netting and board by what they leave open and what goes through them. The clear opening of welded mesh is computed from
 * pitch and wire (pitch is centre to centre, so clear = pitch − wire); netting is sold by its clear width.
 */
import type { Figure } from './figure';
import { assumed, practice, published } from './millimetres';
import { coverClass } from './strength';

/** A kind of mesh or board. */
export type MeshId =
  | 'welded-3'
  | 'welded-6'
  | 'welded-13'
  | 'welded-25'
  | 'welded-25x50'
  | 'welded-50x100'
  | 'hex-25'
  | 'hex-50'
  | 'chain-link-50'
  | 'chain-link'
  | 'stock-wire'
  | 'stock-panel'
  | 'plastic-netting'
  | 'deer-netting'
  | 'insect-screen'
  | 'canvas'
  | 'solid-board'
  | 'sheet'
  | 'masonry';

/** How a mesh is made. */
export type MeshKind = 'welded' | 'hex' | 'chain-link' | 'woven' | 'fabric' | 'solid';

/** A mesh or board: clear opening in mm, strength in classes. */
export interface Mesh {
  readonly id: MeshId;
  readonly kind: MeshKind;
  /** Centre to centre the narrower way for welded mesh, clear width for the rest, mm. */
  readonly pitch: Figure;
  /** Wire diameter, mm. */
  readonly wire?: Figure;
  /** Smallest clear dimension of one cell, mm. */
  readonly clear: Figure;
  /** Class of strength; see strength.ts. */
  readonly strength: Figure;
  /** How it is climbed; nothing climbs smooth sheet or canvas. */
  readonly climbedAs: 'wire' | 'wood' | 'smooth';
  /** What gnawing teeth make of it; steel is never gnawed. */
  readonly gnawed?: 'wood' | 'plastic';
  /** Laid in mortar: it hangs by no fixing that could be drawn. */
  readonly laid?: true;
}

const gauge = (value: number, name: string): Figure =>
  published(value, 'wire-gauges', `${name} gauge. Imported mesh is often lighter: measure it.`);

/** Clear opening of welded mesh: pitch (centre to centre) less one wire. */
export function weldedClear(pitchMm: number, wireMm: number): number {
  return Math.round((pitchMm - wireMm) * 100) / 100;
}

/** From which wire on steel mesh is of a class, mm: halfway between the gauges that practice names. */
export const wireFrom = {
  clampedMesh: assumed(
    0.96,
    'Between 20 and 19 gauge: lighter wire is cut and torn as 23 gauge is.',
  ),
  heavyMesh: assumed(1.31, 'Between 19 and 16 gauge.'),
} as const;

/** Class of strength of steel mesh of this wire, mm. Netting twisted from wire is not of these: its cells give way first. */
export function strengthOfWire(wireMm: number): Figure {
  if (wireMm >= wireFrom.heavyMesh.value) return coverClass.heavyMesh;
  return wireMm >= wireFrom.clampedMesh.value ? coverClass.clampedMesh : coverClass.lightMesh;
}

/** Whether a thicker or a thinner wire makes this kind of mesh stronger or weaker. */
export const isOfItsWire = ({ kind }: Mesh): boolean =>
  kind === 'welded' || kind === 'chain-link' || kind === 'woven';

function welded(id: MeshId, across: Figure, wire: Figure): Mesh {
  const note = `${across.value} mm centre to centre less ${wire.value} mm wire.`;
  const clear: Figure = { ...wire, value: weldedClear(across.value, wire.value), note };
  const strength = strengthOfWire(wire.value);
  return { id, kind: 'welded', pitch: across, wire, clear, strength, climbedAs: 'wire' };
}

/** Hexagonal netting: nominal size is the distance between the twisted sides (across flats). */
function hex(id: MeshId, acrossFlats: number): Mesh {
  const corners = (acrossFlats * 1.1547).toFixed(1);
  const clear = published(
    acrossFlats,
    'astm-a390',
    `Across flats; corner to corner ${corners} mm. Real cells are longer and stretch: measure a pulled one.`,
  );
  return {
    id,
    kind: 'hex',
    pitch: clear,
    wire: gauge(0.884, '20'),
    clear,
    strength: coverClass.hex,
    climbedAs: 'wire',
  };
}

/** Measured between parallel wires; a diamond is 1.41 times as long corner to corner. */
function chainLink(id: MeshId, between: number, name: string): Mesh {
  const clear = published(
    between,
    'astm-f567',
    `${name} between parallel wires; ${(between * Math.SQRT2).toFixed(1)} mm on the diagonal.`,
  );
  return {
    id,
    kind: 'chain-link',
    pitch: clear,
    wire: gauge(3.06, '11'),
    clear,
    strength: coverClass.heavyMesh,
    climbedAs: 'wire',
  };
}

const stockWire = practice(75, 'Woven stock wire: the lowest rows, where they are closest.');
const stockPanel = practice(100, 'Stock panel of heavy rods, the narrower way.');

function fabric(id: MeshId, clear: Figure): Mesh {
  return {
    id,
    kind: 'fabric',
    pitch: clear,
    clear,
    strength: coverClass.fabric,
    climbedAs: 'wire',
    gnawed: 'plastic',
  };
}

/** Meshes and sheets by id: clear openings, wire, what they withstand. */
export const meshes: Readonly<Record<MeshId, Mesh>> = {
  'welded-3': welded('welded-3', practice(3.175, '⅛ in'), gauge(0.439, '27')),
  'welded-6': welded('welded-6', practice(6.35, '¼ in'), gauge(0.655, '23')),
  'welded-13': welded('welded-13', practice(12.7, '½ in'), gauge(1.041, '19')),
  'welded-25': welded('welded-25', practice(25.4, '1 in'), gauge(1.588, '16')),
  'welded-25x50': welded('welded-25x50', practice(25.4, '1 in by 2 in'), gauge(2.032, '14')),
  'welded-50x100': welded('welded-50x100', practice(50.8, '2 in by 4 in'), gauge(2.032, '14')),
  'hex-25': hex('hex-25', 25.4),
  'hex-50': hex('hex-50', 50.8),
  'chain-link-50': chainLink('chain-link-50', 50.8, '2 in'),
  'chain-link': chainLink('chain-link', 57.15, '2¼ in'),
  'stock-wire': {
    id: 'stock-wire',
    kind: 'woven',
    pitch: stockWire,
    wire: gauge(2.51, '12½'),
    clear: stockWire,
    strength: coverClass.heavyMesh,
    climbedAs: 'wire',
  },
  'stock-panel': {
    id: 'stock-panel',
    kind: 'woven',
    pitch: stockPanel,
    wire: practice(6, 'Rods of about 6 mm.'),
    clear: stockPanel,
    strength: coverClass.heavyMesh,
    climbedAs: 'wire',
  },
  'plastic-netting': fabric('plastic-netting', practice(20, 'Garden netting of about 20 mm.')),
  'deer-netting': fabric('deer-netting', practice(45, 'Deer and bird netting of about 45 mm.')),
  'insect-screen': fabric('insect-screen', practice(1.5, 'Small, and strong against nothing.')),
  canvas: {
    ...fabric('canvas', practice(0, 'Tarpaulin and canvas; one or two years in the sun.')),
    climbedAs: 'smooth',
  },
  'solid-board': {
    id: 'solid-board',
    kind: 'solid',
    pitch: practice(0),
    clear: practice(0, 'Sound board.'),
    strength: coverClass.heavyMesh,
    climbedAs: 'wood',
    gnawed: 'wood',
  },
  sheet: {
    id: 'sheet',
    kind: 'solid',
    pitch: practice(0),
    clear: practice(0, 'Sheet steel of 24 gauge or heavier.'),
    strength: coverClass.sheet,
    climbedAs: 'smooth',
  },
  masonry: {
    id: 'masonry',
    kind: 'solid',
    pitch: practice(0),
    clear: practice(0, 'Brick, block or stone, pointed; its joints are read as holes.'),
    strength: coverClass.sheet,
    // Claws find the joints of brick and stone as they find bark (assumption of ours).
    climbedAs: 'wood',
    laid: true,
  },
};

/** Ids of all meshes and sheets. */
export const meshIds = Object.keys(meshes) as readonly MeshId[];
