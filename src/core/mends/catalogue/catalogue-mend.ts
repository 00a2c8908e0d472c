/** One kind of mend: where it fits, what state it leaves, what it takes, what to mind. */
import type { MeshId } from '../../tables/meshes';
import type { Figure } from '../../tables/figure';
import type { LatchId } from '../../tables/latches';
import type { MendKind, SpotKind, Target } from '../../place/mend';
import type { WeakSpot } from '../spots';
import { practice } from '../../tables/millimetres';

export interface CatalogueMend {
  readonly kind: MendKind;
  /** `tonight` keeps things out until a lasting mend is made. */
  readonly term: 'lasting' | 'tonight';
  readonly spot: SpotKind;
  /** Narrower than the spot: which weak spots of that kind it suits. Absent: all. */
  readonly fits?: (weak: WeakSpot) => boolean;
  /** What it adds to the place; it does not count until it has been measured. */
  readonly adds?: { readonly layer: MeshId } | { readonly latch: LatchId };
  /** What has to be read afterwards; `undefined` where it cannot stop them all. Absent: the spot's own readings, shut. */
  readonly targets?: (weak: WeakSpot) => readonly SpotTarget[] | undefined;
  /** What it takes, for this spot. */
  readonly takes: (weak: WeakSpot) => readonly Amount[];
  /** Working time for this spot, minutes. */
  readonly time: (weak: WeakSpot) => Figure;
  readonly cautions: readonly Caution[];
}

export type SpotTarget = Omit<Target, 'item'>;

export type Material =
  | 'slabs'
  | 'board'
  | 'batten'
  | MeshId
  | LatchId
  | 'screws'
  | 'washers'
  | 'stones'
  | 'channel'
  | 'hasp'
  | 'pegs';

export type Amount =
  | { readonly material: Material; readonly length: number; readonly height?: number }
  | { readonly material: Material; readonly count: number };

export type Caution =
  'cut-wire' | 'digging' | 'air' | 'animal-inside' | 'keeper-shut-in' | 'rots' | 'scratched-out';

/** Minutes of work: a round sum of ours, to rank mends by; nobody has timed them. */
export function workTime(value: number): Figure {
  return {
    value: Math.round(value / 5) * 5,
    unit: 'min',
    source: 'rookle',
    mark: 'assumption',
    note: 'A round guess to rank mends by.',
  };
}

/** Overlap of a patch or lining on to sound wood or wire on each side, mm. */
export const meshOverlap: Figure = practice(50, 'Seams overlap 50–150 mm.');

/** Screws along a fixed edge, mm apart. */
export const screwSpacing: Figure = practice(150, 'Screw and washer, or batten, every 75–150 mm.');

/** Screws for an edge of this length, both ends included. */
export function screwsAlong(length: number): number {
  return Math.ceil(length / screwSpacing.value) + 1;
}

/** The part of the bay a mesh mend has to cover, with overlap: a band's full width, or an opening. */
export function coverSize(weak: WeakSpot): { length: number; height: number } {
  const overlap = 2 * meshOverlap.value;
  const band = weak.bay.bands.find((it) => it.id === weak.spot.item);
  const opening = weak.bay.openings.find((it) => it.id === weak.spot.item);
  if (opening) return { length: opening.width + overlap, height: opening.height + overlap };
  const height = band ? band.to - band.from : weak.bay.height;
  return { length: weak.bay.width, height: height + overlap };
}

/** Largest opening read at the spot, mm. */
export function widestAt(weak: WeakSpot): number {
  return Math.max(
    0,
    ...weak.parts.map((part) => (part.reason.kind === 'opening' ? part.reason.opening : 0)),
  );
}
