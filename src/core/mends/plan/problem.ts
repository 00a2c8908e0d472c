/**
 * A plan's problem as plain numbers: candidates with what they cost, and for each animal, hours and zone of birds a small graph whose
 * edges weigh by which mends are made. Nothing of the place is needed to solve it, or to check the answer by brute force.
 */
import type { BayId, ZoneId } from '../../place/place';
import type { Spot } from '../../records/mend';
import type { Scenario } from '../../score/scenario';
import type { AnimalId } from '../../tables/animals';
import type { BySpot } from './spot-weights';

/** A plan as plain numbers; nothing of the place is needed to solve it. */
export interface PlanProblem {
  readonly candidates: readonly Option[];
  readonly terms: readonly Term[];
  /** Birds a year that no mend bears on, by group: those in the open. */
  readonly fixedOf: ByGroup;
  /** How many birds each group has. */
  readonly flock: ByGroup;
}

/** Birds a year by group. */
export type ByGroup = Readonly<Record<string, number>>;

/** A mend as a number: price in hundredths, minutes, what it cannot be together with. */
export interface Option {
  readonly id: string;
  readonly cents: number;
  readonly minutes: number;
  /** What it does to birds and house beside: of like mends the one with less is made. Absent: none. */
  readonly harm?: number;
  /** Places in `candidates`. */
  readonly excludes: readonly number[];
}

/** One animal on its way to the birds of one zone, in hours that are alike to it. */
export interface Term {
  readonly animal: AnimalId;
  readonly zone: ZoneId;
  /** The scenarios it is of: those that are alike to it. */
  readonly scenarios: readonly Scenario[];
  /** Birds a year at a chance of 1. */
  readonly weight: number;
  /** The same by group of birds. */
  readonly weightOf: ByGroup;
  /** Minutes along a route from which it no longer counts as a way in or a slow way. */
  readonly shutFrom: number;
  /** Zones on the way; links name them by their place here. */
  readonly zones: readonly ZoneId[];
  readonly links: readonly Link[];
}

/** Where something may get through or take a bird: between outside and a zone, between two zones, or from either to the birds. */
export interface Link {
  readonly bay: BayId;
  readonly by: BySpot;
  readonly from: number;
  readonly to: number;
  /** Places in `candidates` of the mends that change it. */
  readonly mends: readonly number[];
  /** For every set of them that can be made together, by its bits: bit n is `mends[n]`. */
  readonly states: readonly LinkState[];
}

/** Where something still gets in. */
export interface StillBy {
  readonly bay: BayId;
  readonly spot: Spot;
}

/** The way is not of interest, only where. */
export const stillBy = ({ bay, by }: Pick<Link, 'bay' | 'by'>): StillBy => ({ bay, spot: by.spot });

/** The weight of a link once these mends are made. */
export interface LinkState {
  readonly mask: number;
  /** `minutes ÷ patience − ln(1 − s)`; `null` holds. */
  readonly weight: number | null;
  /** Minutes; `null` where it holds or strands turn back so many that it counts as shut. */
  readonly minutes: number | null;
}

/** Ends of links that are no zone. */
export const outsideEnd = -1;
/** The birds, as an end of a term’s way. */
export const birdsEnd = -2;
