/** Why a rung came out as it did: which figure met which reading, and by how much. Data; the wording is elsewhere. */
import type { AttributeId } from '../place/attributes';
import type { Habit, ItemId, Soil } from '../place/place';
import type { AnimalId, EnoughAgainstDigging } from '../tables/animals';
import type { JudgedAttack } from '../tables/attacks';
import type { Figure } from '../tables/figure';
import type { LatchId } from '../tables/latches';
import type { Motion } from '../tables/motions';
import type { Rung } from './rung';

export type Verdict =
  | 'passes'
  /** Under the figure used, over the stricter one. */
  | 'in-doubt'
  | 'stopped';

export type Reason =
  | {
      readonly kind: 'opening';
      /** Smallest clear dimension judged, mm. */
      readonly opening: number;
      readonly used: Figure;
      readonly strict: Figure;
      readonly verdict: Verdict;
      /** Opening less the figure used, mm; below zero it is stopped by that much. */
      readonly over: number;
    }
  | { readonly kind: 'out-of-reach'; readonly height: number; readonly leap: Figure }
  | { readonly kind: 'stands-open'; readonly habit: Habit }
  | {
      readonly kind: 'dig';
      readonly soil: Soil;
      /** As judged, mm; an apron that is not tied to the wall counts nothing. */
      readonly depth: number;
      readonly outward: number;
      /** The set it comes nearest to, and how near: the worst of its ratios, 1 where it is met. */
      readonly enough: EnoughAgainstDigging;
      readonly ratio: number;
    }
  | {
      readonly kind: 'latches';
      readonly latches: readonly LatchId[];
      readonly motions: readonly Motion[];
      readonly verdict: LatchVerdict;
    };

export type LatchVerdict =
  | 'unlatched-pushed'
  | 'unlatched-left-alone'
  | 'motion-unknown'
  | 'too-stiff'
  | 'two-different-motions'
  | 'one-motion'
  | 'same-motion-twice';

/** One part of a bay against one animal by one attack. */
export interface PartEffort {
  readonly animal: AnimalId;
  /** The bay, layer, opening or latch judged. */
  readonly item: ItemId;
  /** What was judged about it; `undefined` where the item's habit decides. */
  readonly attribute?: AttributeId;
  readonly attack: JudgedAttack;
  readonly rung: Rung;
  readonly minutes: number | null;
  readonly reason: Reason;
}
