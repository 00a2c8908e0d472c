/** What the planning worker is told and what it tells. Everything in it goes across as plain data. */
import type { PlanAnswer } from '@/core/mends/plan/answer';
import type { StillBy } from '@/core/mends/plan/problem';
import type { Candidate } from '@/core/mends/plan/candidates';
import type { Curve } from '@/core/mends/plan/curve';
import type { EffortChange } from '@/core/mends/plan/efforts';
import type { Stopgap } from '@/core/mends/plan/for-tonight';
import type { Limits } from '@/core/mends/plan/limits';
import type { Shop } from '@/core/mends/shopping/shop';
import type { Mend, Spot } from '@/core/records/mend';
import type { BayId, Place } from '@/core/place/place';
import type { LogEntry } from '@/core/records/sighting';
import type { Walk } from '@/core/records/walk';
import type { AnimalId } from '@/core/tables/animals';

export type ToPlanner =
  | {
      readonly kind: 'open';
      readonly place: Place;
      readonly walks: readonly Walk[];
      readonly log: readonly LogEntry[];
      readonly mends: readonly Mend[];
      /** Whose prices are reckoned with, and whose rolls are bought. */
      readonly shop: Shop;
      /** YYYY-MM-DD: its year is planned for, its night is tonight. */
      readonly date: string;
    }
  /** `ask` counts up: the last asked is answered, those before it are dropped. */
  | {
      readonly kind: 'plan';
      readonly ask: number;
      readonly limits: Limits;
      /** Whom to shut out altogether, where that is asked. */
      readonly shutOut?: AnimalId;
    }
  /** Gives what it has of that one. */
  | { readonly kind: 'stop'; readonly ask: number };

/** A candidate without what only the search needs. */
export type ShownCandidate = Omit<Candidate, 'proposal'> & {
  readonly efforts: readonly EffortChange[];
};

export interface Opened {
  readonly candidates: readonly ShownCandidate[];
  readonly stopgaps: readonly Stopgap[];
  readonly ownSpots: readonly OwnSpot[];
  /** Left out: they would let something by more easily elsewhere. */
  readonly harmful: readonly Mend[];
}

/** Where the keeper may add a mend of their own. */
export interface OwnSpot {
  readonly bay: BayId;
  readonly spot: Spot;
  readonly letsBy: readonly AnimalId[];
  /** The figure that stops them all, where there is one. */
  readonly suggested?: number;
}

export interface ShutOutAnswer {
  readonly animal: AnimalId;
  readonly can: boolean;
  readonly chosen: readonly string[];
  readonly cents: number;
  /** In the shop. */
  readonly wholeCents: number;
  readonly minutes: number;
  readonly stays: readonly StillBy[];
}

export type FromPlanner =
  | { readonly kind: 'opened'; readonly opened: Opened }
  | {
      readonly kind: 'progress';
      readonly ask: number;
      readonly nodes: number;
      readonly best: number;
      readonly bound: number;
    }
  | { readonly kind: 'answer'; readonly ask: number; readonly answer: PlanAnswer }
  | { readonly kind: 'curve'; readonly ask: number; readonly curve: Curve }
  | { readonly kind: 'shut-out'; readonly ask: number; readonly shutOut: ShutOutAnswer };
