/** A weak spot: a place where one mend would put right everything that gives way there. */
import type { LineWants } from './line-wants';
import type { PartEffort } from '../effort/reason';
import type { Spot } from '../records/mend';
import type { Bay, ZoneId } from '../place/place';
import type { AnimalId } from '../tables/animals';

/** A place in a bay at which something gets by. */
export interface WeakSpot {
  readonly spot: Spot;
  readonly bay: Bay;
  /** Animals that live here and get by it, for sure, as it was last found. */
  readonly letsBy: readonly AnimalId[];
  /** What gives way, the widest first. */
  readonly parts: readonly PartEffort[];
  /** Of a spot that is a whole zone. */
  readonly zone?: WeakZone;
  /** Of a door: birds go in or out by it by day. */
  readonly isBirdsWay?: true;
  /** Of a spot that is a line: all bays it hangs in. */
  readonly along?: readonly Bay[];
  /** Of a described line: what it wants. */
  readonly line?: LineWants;
}

/** A zone that one mend covers as a whole. */
export interface WeakZone {
  readonly id: ZoneId;
  readonly name: string;
  /** Its outer walls on the ground. */
  readonly walls: readonly Bay[];
  /** Of its ground, mm. */
  readonly width: number;
  readonly depth: number;
}
