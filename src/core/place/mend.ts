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
  | { readonly is: string };

export interface StateChange {
  readonly state: MendState;
  /** ISO 8601 with time. */
  readonly at: string;
  /** The walk whose readings decided (held, or open again). */
  readonly walk?: string;
}
