/** A mend in hand: a chosen change of state, followed from open to held. Never ticked off without a new reading. */
import type { AnimalId } from '../tables/animals';
import type { AttributeId } from './attributes';
import type { BayId, ItemId } from './place';

/** The catalogue's names; what each is and does stands in mends/catalogue/. */
export const mendKinds = [
  'sill-board',
  'sill-apron',
  'sill-stones',
  'apron-out',
  'skirt-down',
  'skirt-and-foot',
  'slabs-along',
  'line-welded-13',
  'line-welded-6',
  'board-over',
  'batten-edge',
  'screws-and-washers',
  'patch-mesh',
  'patch-board',
  'door-stop',
  'second-fastening',
  'pop-door-runners',
  'two-motion-latch',
  'clip-through-hasp',
  'padlock',
  'roost-away',
  'pegs-in',
  'kerb-along',
  'floor-mesh',
  'line-welded-25',
  'line-welded-25x50',
  'boarded',
  'clip-edge',
  'hole-stuffed',
  'wedge-shut',
  'carabiner-on',
  'collar-plate',
  'lap-seam',
  'screw-shut',
  'spring-closer',
  'shut-nightly',
  'overhang-out',
  'roof-mesh',
  'net-over',
  'weight-on',
  'mesh-in-bare',
  'strand-set',
  'strand-clear',
  'fence-charge',
  /** The keeper's own; what it is and does stands in the mend itself. */
  'own',
] as const;
export type MendKind = (typeof mendKinds)[number];

export const mendStates = ['open', 'planned', 'bought', 'done', 'held'] as const;
export type MendState = (typeof mendStates)[number];

export interface Mend {
  readonly id: string;
  readonly placeId: string;
  readonly kind: MendKind;
  readonly bay: BayId;
  /** Where in the bay: the item and attribute that first gave way. */
  readonly spot: Spot;
  /** Animals it is meant to stop. */
  readonly stops: readonly AnimalId[];
  /** What it is to change, and what measuring again will read. */
  readonly targets: readonly Target[];
  readonly state: MendState;
  readonly history: readonly StateChange[];
  /** YYYY-MM-DD: to be done by then. */
  readonly due?: string;
  /** Who does it, in the keeper's own words. */
  readonly who?: string;
  /** What it took in the end. */
  readonly spent?: { readonly cents?: number; readonly minutes?: number };
  /** Of a mend of kind `own`: what the keeper says of it. Its effect is its targets. */
  readonly own?: OwnMend;
}

export interface OwnMend {
  readonly name: string;
  /** Hundredths of the keeper's money. */
  readonly cents: number;
  readonly minutes: number;
}

/** A place in a bay that one mend puts right. */
export interface Spot {
  readonly kind: SpotKind;
  readonly item: ItemId;
}

export const spotKinds = [
  'ground',
  'dig',
  'mesh',
  'panel',
  'hole',
  'edges',
  'latch',
  /** Within reach of roosting birds. */
  'reach',
  /** Over a top edge that is joined to nothing. */
  'top',
  /** Under a light frame that is lifted. */
  'frame',
  /** Where there is no cover at all. */
  'bare',
  /** A door that habit, or a forgotten round, leaves open. */
  'habit',
  /** The strands crossing a bay, and the line they hang on. */
  'strand',
  'fence',
] as const;
export type SpotKind = (typeof spotKinds)[number];

/** The reading that will show the mend holds. */
export interface Target {
  readonly item: ItemId;
  readonly attribute: AttributeId;
  readonly value: TargetValue;
}

export type TargetValue =
  /** A gap or clear opening of at most this, mm: the stricter figure, which mends are designed to. */
  | { readonly atMost: number }
  /** A depth or width of at least this, mm. */
  | { readonly atLeast: number }
  /** A height or distance that has a right value, mm: within the tolerance of strands. */
  | { readonly near: number }
  | { readonly is: string };

export interface StateChange {
  readonly state: MendState;
  /** ISO 8601 with time. */
  readonly at: string;
  /** The walk whose readings decided (held, or open again). */
  readonly walk?: string;
}
