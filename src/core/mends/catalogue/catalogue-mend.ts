/** One kind of mend: where it fits, what state it leaves, what it takes, what to mind. */
import type { MeshId } from '../../tables/meshes';
import type { Figure } from '../../tables/figure';
import type { LatchId } from '../../tables/latches';
import type { MendKind, Target } from '../../records/mend';
import type { SpotKind } from '../../place/spot';
import type { ItemId } from '../../place/place';
import type { WeakSpot } from '../weak-spot';
import { practice } from '../../tables/millimetres';
import type { ExclusionOpening } from '../../walk/what-it-means';

/** All but the keeper's own. */
export type CatalogueKind = Exclude<MendKind, 'own'>;

/** A kind of mend: where it goes, what it changes, what it takes. */
export interface CatalogueMend {
  readonly kind: CatalogueKind;
  /** `tonight` keeps things out until a lasting mend is made. */
  readonly term: 'lasting' | 'tonight';
  readonly spot: SpotKind;
  /** Done for a whole zone at once, or not at all. */
  readonly wide?: true;
  /** Narrower than the spot: which weak spots of that kind it suits. Absent: all. */
  readonly fits?: (weak: WeakSpot) => boolean;
  /** What it adds to the place; it does not count until it has been measured. */
  readonly adds?: Added;
  /** What has to be read afterwards; `undefined` where it cannot stop them all. Absent: the spot's own readings, shut. */
  readonly targets?: (
    weak: WeakSpot,
    exclusion: ExclusionOpening,
  ) => readonly SpotTarget[] | undefined;
  /** What it takes, for this spot. */
  readonly takes: (weak: WeakSpot) => readonly Amount[];
  /** Working time for this spot, minutes. */
  readonly time: (weak: WeakSpot) => Figure;
  readonly cautions: readonly Caution[];
}

/** Of another item than the spot's own where it says so. */
export type SpotTarget = Omit<Target, 'item'> & { readonly item?: ItemId };

/** What a mend brings into the structure. */
export type Added =
  | { readonly layer: MeshId }
  | { readonly latch: LatchId }
  /** Cover where there was none, from edge to edge. */
  | { readonly cover: MeshId }
  /** Over a whole zone. */
  | { readonly roof: MeshId }
  | { readonly strands: true }
  /** Along all outer walls on the ground. */
  | { readonly line: true };

/** Anything that is bought for a mend. */
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
  | 'pegs'
  | 'kerb'
  | 'plate'
  | 'brackets'
  | 'ballast'
  | 'closer'
  | 'door-drive'
  | 'insulators'
  | 'fence-wire'
  | 'earth-stake'
  | 'energizer'
  | 'gate-handle'
  | 'fence-lead'
  | 'fence-sign'
  | 'fence-tester'
  | 'fence-battery'
  | 'ties';

/** How much of a material; lengths in mm. */
export type Amount =
  | {
      readonly material: Material;
      readonly length: number;
      readonly height?: number;
      /** Lengths it is cut to, where it is not one piece. */
      readonly cut?: readonly number[];
    }
  | { readonly material: Material; readonly count: number };

/** What can hurt in making it. */
export type Caution =
  | 'cut-wire'
  | 'digging'
  | 'air'
  | 'shade'
  | 'fire'
  | 'animal-inside'
  | 'keeper-shut-in'
  | 'bird-out'
  | 'entangling'
  | 'drainage'
  | 'snow'
  | 'ladder'
  | 'electric'
  | 'low-wire'
  | 'rots'
  | 'scratched-out';

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
  // What lies flat has a band without a height: it reaches over the whole of the bay.
  const height = band && band.to > band.from ? band.to - band.from : weak.bay.height;
  return { length: weak.bay.width, height: height + overlap };
}

/** Largest opening read at the spot, mm. */
export function widestAt(weak: WeakSpot): number {
  return Math.max(
    0,
    ...weak.parts.map((part) => (part.reason.kind === 'opening' ? part.reason.opening : 0)),
  );
}
