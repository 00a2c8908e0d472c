/**
 * Mesh, netting and board by what they leave open. The clear opening of welded mesh is computed from
 * pitch and wire (pitch is centre to centre, so clear = pitch − wire); netting is sold by its clear width.
 */
import type { Figure } from './figure';
import { practice, published } from './millimetres';

export type MeshId =
  | 'welded-3'
  | 'welded-6'
  | 'welded-13'
  | 'welded-25'
  | 'welded-25x50'
  | 'welded-50x100'
  | 'hex-25'
  | 'hex-50'
  | 'chain-link'
  | 'solid-board';

export type MeshKind = 'welded' | 'hex' | 'chain-link' | 'solid';

export interface Mesh {
  readonly id: MeshId;
  readonly kind: MeshKind;
  /** Centre to centre the narrower way for welded mesh, clear width for the rest, mm. */
  readonly pitch: Figure;
  /** Wire diameter, mm. */
  readonly wire?: Figure;
  /** Smallest clear dimension of one cell, mm. */
  readonly clear: Figure;
}

const gauge = (value: number, name: string): Figure =>
  published(value, 'wire-gauges', `${name} gauge. Imported mesh is often lighter: measure it.`);

/** Clear opening of welded mesh: pitch (centre to centre) less one wire. */
export function weldedClear(pitchMm: number, wireMm: number): number {
  return Math.round((pitchMm - wireMm) * 100) / 100;
}

function welded(id: MeshId, across: Figure, wire: Figure): Mesh {
  const note = `${across.value} mm centre to centre less ${wire.value} mm wire.`;
  const clear: Figure = { ...wire, value: weldedClear(across.value, wire.value), note };
  return { id, kind: 'welded', pitch: across, wire, clear };
}

/** Hexagonal netting: nominal size is the distance between the twisted sides (across flats). */
function hex(id: MeshId, acrossFlats: number): Mesh {
  const corners = (acrossFlats * 1.1547).toFixed(1);
  const clear = published(
    acrossFlats,
    'astm-a390',
    `Across flats; corner to corner ${corners} mm. Real cells are longer and stretch: measure a pulled one.`,
  );
  return { id, kind: 'hex', pitch: clear, wire: gauge(0.884, '20'), clear };
}

const chainLink: Figure = published(
  57.15,
  'astm-f567',
  '2¼ in between parallel wires; 80.8 mm on the diagonal.',
);

export const meshes: Readonly<Record<MeshId, Mesh>> = {
  'welded-3': welded('welded-3', practice(3.175, '⅛ in'), gauge(0.439, '27')),
  'welded-6': welded('welded-6', practice(6.35, '¼ in'), gauge(0.655, '23')),
  'welded-13': welded('welded-13', practice(12.7, '½ in'), gauge(1.041, '19')),
  'welded-25': welded('welded-25', practice(25.4, '1 in'), gauge(1.588, '16')),
  'welded-25x50': welded('welded-25x50', practice(25.4, '1 in by 2 in'), gauge(2.032, '14')),
  'welded-50x100': welded('welded-50x100', practice(50.8, '2 in by 4 in'), gauge(2.032, '14')),
  'hex-25': hex('hex-25', 25.4),
  'hex-50': hex('hex-50', 50.8),
  'chain-link': {
    id: 'chain-link',
    kind: 'chain-link',
    pitch: chainLink,
    wire: gauge(3.06, '11'),
    clear: chainLink,
  },
  'solid-board': {
    id: 'solid-board',
    kind: 'solid',
    pitch: practice(0),
    clear: practice(0, 'Sound board.'),
  },
};

export const meshIds = Object.keys(meshes) as readonly MeshId[];
