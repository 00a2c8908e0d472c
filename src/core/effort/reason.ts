/** Why a level came out as it did: which figure met which reading, and by how much. Data; the wording is elsewhere. */
import type { EnoughAgainstDigging } from '../tables/digging';
import type { AttributeId } from '../attributes';
import type { Habit, ItemId, TopEdge } from '../place/place';
import type { AnimalId } from '../tables/animals';
import type { Attack } from '../tables/attacks';
import type { EnoughAgainstClimbing } from '../tables/climbing';
import type { Figure } from '../tables/figure';
import type { Condition, Fixing } from '../tables/fixings';
import type { LatchId } from '../tables/latches';
import type { MeshId } from '../tables/meshes';
import type { Motion } from '../tables/motions';
import type { Touching } from '../tables/shocking';
import type { TimberState } from '../tables/timber';
import type { Soil } from '../tables/soils';
import type { EffortLevel } from './effort-level';
import type { Doors, When } from './when';

/** How an opening stands to an animal's figures. */
export type Verdict =
  | 'passes'
  /** Over the figure used, under what the animal is known to pass: a band in which the effort falls. */
  | 'squeezes'
  /** Under the figure used, over the stricter one. */
  | 'in-doubt'
  | 'stopped';

/** An opening held against an animal's figures; lengths in mm. */
export interface OpeningReason {
  readonly kind: 'opening';
  /** Smallest clear dimension judged, mm. */
  readonly opening: number;
  /** A slot lets the head turn; see `ExclusionOpening.slot`. */
  readonly shape: OpeningShape;
  readonly used: Figure;
  readonly strict: Figure;
  /** What the animal is known to pass in an opening of this shape, mm. */
  readonly passes: number;
  readonly verdict: Verdict;
  /** Opening less the figure used, mm; below zero it is stopped by that much. */
  readonly over: number;
}

/** Round or square, or so long that a head turns flat in it. */
export type OpeningShape = 'hole' | 'slot';

/** Cover that breaks, comes off its fixings or is gnawed; strengths in classes (tables/strength.ts). */
export interface TearReason {
  readonly kind: 'tear';
  readonly how: 'breaks' | 'pulls' | 'gnaws';
  readonly mesh: MeshId;
  /** Thickness of its wire, where it was measured and it is the wire that breaks, mm. */
  readonly wire?: number;
  readonly condition: Condition;
  /** What held it, where it is the fixing that gives. */
  readonly fixing?: Fixing;
  /** Class of what gives way, as weakened, and of the animal. */
  readonly strength: number;
  readonly figure: Figure;
}

/** Through the timber that a wall stands on. */
export interface TimberReason {
  readonly kind: 'timber';
  readonly state: TimberState;
  readonly how: 'breaks' | 'gnaws' | 'holds';
  /** Class of what is no longer sound. */
  readonly figure?: Figure;
}

/** Digging under a ground line; lengths in mm. */
export interface DigReason {
  readonly kind: 'dig';
  readonly soil: Soil;
  /** As found, mm; an apron that is not tied to the wall counts nothing. */
  readonly depth: number;
  readonly outward: number;
  /** The set it comes nearest to, and how near: the worst of its ratios, 1 where it is met. */
  readonly enough: EnoughAgainstDigging;
  readonly ratio: number;
  readonly freshDigging: boolean;
  /** Nights that a pen stands there before it moves on; absent: it stays. */
  readonly nights?: number;
  /** Gone through and not round: how the mesh in the ground lets it by. The ratio is then that of bare ground. */
  readonly through?: OpeningReason | TearReason;
  /** A floor that stops it, or might: nobody has looked. Digging then ends below. */
  readonly floor?: MeshId | 'unread';
}

/** Over a top edge; lengths in mm. */
export interface OverReason {
  readonly kind: 'over';
  readonly how: 'climb' | 'jump' | 'fly';
  readonly top: TopEdge['kind'];
  readonly height: number;
  readonly overhang: number;
  readonly leap: Figure;
  /** The set it comes nearest to; absent where only a roof is enough. */
  readonly enough?: EnoughAgainstClimbing;
  readonly ratio: number;
}

/** A bird within reach of paw, muzzle or beak; lengths in mm. */
export interface ReachReason {
  readonly kind: 'reach';
  readonly opening: number;
  readonly used: Figure;
  readonly strict: Figure;
  readonly verdict: Verdict;
  /** At roost moving the roost helps; about the run they stand against the cover wherever it is. */
  readonly birds: When['birds'];
  /** How near birds come to the cover, and how far it reaches, mm. */
  readonly distance: number;
  readonly length: Figure;
}

/** A frame's edge lifted; forces in N. */
export interface LiftReason {
  readonly kind: 'lift';
  /** kg of frame; half of it hangs on a lifted edge. */
  readonly weight: number;
  /** N it takes to lift the edge, and what the animal has. */
  readonly needs: number;
  readonly force: Figure;
  readonly pegs: number;
  /** Length from which pegs hold here; absent where none can go in. */
  readonly pegsHoldFrom?: Figure;
  readonly soil: Soil;
}

/** What holds a door, and what an animal makes of it. */
export interface LatchReason {
  readonly kind: 'latches';
  readonly latches: readonly LatchId[];
  readonly motions: readonly Motion[];
  readonly verdict: LatchVerdict;
  /** Latches that nobody fastened: the door fell shut by itself. */
  readonly unfastened?: readonly LatchId[];
}

/** A door on loose hinges, and what draws it off them; N. */
export interface HingeReason {
  readonly kind: 'hinges';
  readonly force: Figure;
  readonly gives: Figure;
}

/** Why a part came out as it did, whichever the attack. */
export type Reason =
  | OpeningReason
  | TearReason
  | TimberReason
  | DigReason
  | OverReason
  | ReachReason
  | LiftReason
  | LatchReason
  | HingeReason
  | { readonly kind: 'out-of-reach'; readonly height: number; readonly leap: Figure }
  | { readonly kind: 'stands-open'; readonly habit: Habit; readonly doors: Doors }
  /** No cover at all here: a strand standing free, or a stretch of wall left bare. */
  | { readonly kind: 'no-cover' };

/** Whether it is a door that has fallen shut, with latches on it that nobody fastened. */
export const isFallenShut = (reason: Reason): reason is LatchReason & Required<LatchReason> =>
  reason.kind === 'latches' && reason.unfastened !== undefined;

/** What an animal makes of a door's latches together. */
export type LatchVerdict =
  /** No latch or cord, and it drops open when let go. */
  | 'unlatched-dropped'
  | 'unlatched-pushed'
  /** No latch: it does not lean on doors, but has the strength to nose or claw this one open in time. */
  | 'unlatched-nosed'
  | 'unlatched-left-alone'
  /** No latch: sliding, lifting or pulling it down is all it asks, and this animal does. */
  | 'unlatched-moved'
  | 'motion-unknown'
  | 'too-stiff'
  | 'two-different-motions'
  | 'one-motion'
  | 'same-motion-twice'
  | 'forced';

/** What strands do to tries that begin at this bay. */
export interface StrandEffect {
  /** Share of tries turned back, 0 to 0.98. */
  readonly share: number;
  /** Prescribed wires met, and how many there are in the nearest set. */
  readonly met: number;
  readonly of: number;
  readonly volts: number;
  readonly touching: Touching;
}

/** One part of a bay against one animal by one attack. */
export interface PartEffort {
  readonly animal: AnimalId;
  /** The bay, layer, opening or latch judged. */
  readonly item: ItemId;
  /** What was judged about it; `undefined` where the item's habit decides. */
  readonly attribute?: AttributeId;
  readonly attack: Attack;
  readonly level: EffortLevel;
  readonly minutes: number | null;
  readonly reason: Reason;
  /** Further barriers of the same part whose minutes are in the sum (a second layer). */
  readonly besides?: readonly Reason[];
  /** Absent where no strand stands in the way of this attack. */
  readonly strand?: StrandEffect;
}

/** Share of tries at this part that strands turn back. */
export function turnedBackAt({ strand }: PartEffort): number {
  return strand?.share ?? 0;
}
