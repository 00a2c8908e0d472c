/**
 * A bay, post to post, and everything it carries. Structure only: what was found on a walk is kept as readings. What may be
 * unknown holds a set of possible values. Lengths in mm, weights in kg.
 */
import type { Condition, Fixing } from '../tables/fixings';
import type { LatchId } from '../tables/latches';
import type { MeshId } from '../tables/meshes';
import type { Touching } from '../tables/shocking';
import type { Soil } from '../tables/soils';
import type { PossibleChoice, PossibleLength } from './possible';
import type { YearSpan } from './year-span';

export type BayId = string;
export type ItemId = string;

export interface Bay {
  readonly id: BayId;
  readonly name: string;
  readonly width: number;
  /** Of its upper edge above the ground. */
  readonly height: number;
  /** Height above the ground at which it begins; absent: on the ground. A raised house, a nest box that hangs on a wall. */
  readonly base?: number;
  readonly top: TopEdge;
  readonly bands: readonly Band[];
  readonly ground?: GroundLine;
  readonly openings: readonly Opening[];
  readonly strands: readonly Strand[];
  /** Widest opening at a staple line, seam, tie or corner when pulled by hand. */
  readonly panelPulled?: PossibleLength;
  /** Largest hole anywhere in the bay. */
  readonly largestHole?: PossibleLength;
  /** What holds its cover on, for every layer that says nothing of its own. */
  readonly fixing?: PossibleChoice<Fixing>;
  readonly condition?: PossibleChoice<Condition>;
  /** The nearest a bird at roost comes to this bay's cover. */
  readonly roost?: PossibleLength;
  /** Stands ready for a mend: as long as all of its layers are "none" there is no such bay, and no edge to go round. */
  readonly ready?: true;
}

export const topKinds = ['roof', 'hood', 'overhang', 'tilt', 'open'] as const;
export type TopKind = (typeof topKinds)[number];

export interface TopEdge {
  /** `roof`: joined to one. Anything else stands free. */
  readonly kind: TopKind;
  /** How far an overhang or hood reaches out. */
  readonly width?: number;
  /** Degrees outward from upright. */
  readonly tilt?: number;
}

/** A strip of the wall's height with the same cover. */
export interface Band {
  readonly id: ItemId;
  readonly from: number;
  readonly to: number;
  readonly layers: readonly Layer[];
}

export interface Layer {
  readonly id: ItemId;
  /** "none" while a mend that adds the layer has not been measured, or where a cover is off. */
  readonly mesh: PossibleChoice<MeshId | 'none'>;
  /** Smallest clear opening, where measured; otherwise the mesh's own. */
  readonly clear?: PossibleLength;
  readonly wire?: PossibleLength;
  readonly fixing?: PossibleChoice<Fixing>;
  readonly condition?: PossibleChoice<Condition>;
  /** Days of the year on which it is on (a winter board, a summer net); absent: all year. */
  readonly on?: YearSpan;
}

export const yesNo = ['yes', 'no'] as const;
export type YesNo = (typeof yesNo)[number];

export interface GroundLine {
  /** Widest gap between sill and ground, at rest. */
  readonly gap?: PossibleLength;
  /** The same with the bottom edge lifted by hand midway between posts. */
  readonly gapLifted?: PossibleLength;
  readonly soil?: PossibleChoice<Soil>;
  readonly skirt?: Skirt;
  /** Fresh digging along the edge, from either side. */
  readonly digging?: PossibleChoice<YesNo>;
  /** Mesh laid as a floor right across, joined to the wall. */
  readonly floor?: PossibleChoice<MeshId | 'none'>;
  /** A light frame that stands on the ground: what it weighs, kg. Absent where posts are set. */
  readonly weight?: PossibleLength;
  /** Length of the pegs that hold such a frame down; 0: none. */
  readonly pegs?: PossibleLength;
}

export interface Skirt {
  readonly mesh: PossibleChoice<MeshId | 'none'>;
  readonly depth: PossibleLength;
  readonly outward: PossibleLength;
  readonly tied: PossibleChoice<YesNo>;
}

export interface Opening {
  readonly id: ItemId;
  readonly name: string;
  readonly kind: OpeningKind;
  /** Along the bay from its first post, to the opening's edge. */
  readonly at: number;
  /** Height of its lower edge above ground. */
  readonly up: number;
  readonly width: number;
  readonly height: number;
  /** Gap round it when closed. A vent or window that only has mesh in it has none. */
  readonly gap?: PossibleLength;
  /** Widest gap at a corner when pulled. */
  readonly gapPulled?: PossibleLength;
  readonly latches: readonly FittedLatch[];
  /** Mesh in it (vents, windows), or what a door is made of where that is in doubt. */
  readonly cover?: readonly Layer[];
  readonly habit: Habit;
  readonly shutBy: ShutBy;
  /** How it stands by day. Absent: a pop door stands open, everything else shut. */
  readonly byDay?: ByDay;
  /** Which way it goes when let go: one that falls shut is not left open. */
  readonly letGo?: LetGo;
}

export const letGos = ['falls-shut', 'stays'] as const;
export type LetGo = (typeof letGos)[number];

export const openingKinds = [
  'gate',
  'door',
  'hatch',
  'pop-door',
  'nest-lid',
  'window',
  'vent',
  /** A hole cut for a feed pipe or drinker: shut while its plug (or the thing itself) is in. */
  'pass-through',
  'hole',
  'seam',
  'disused-door',
] as const;
export type OpeningKind = (typeof openingKinds)[number];

/** How it stands at night by habit. A fixed opening (a vent) is `every-night`: its mesh is its door. */
export const habits = ['every-night', 'cold-or-storms', 'never'] as const;
export type Habit = (typeof habits)[number];

export const shutBys = ['hand', 'cord', 'light', 'nobody'] as const;
export type ShutBy = (typeof shutBys)[number];

export const byDays = ['open', 'open-while-ranging', 'shut'] as const;
export type ByDay = (typeof byDays)[number];

export interface FittedLatch {
  readonly id: ItemId;
  /** "none" while a mend that adds it has not been measured. */
  readonly kind: PossibleChoice<LatchId | 'none'>;
}

/** An electric strand crossing the bay, or standing free where the bay has no cover. */
export interface Strand {
  readonly id: ItemId;
  readonly height: PossibleLength;
  /** Distance outward from the cover; 0 where it stands free. */
  readonly standOff: PossibleLength;
  readonly touching?: PossibleChoice<Touching>;
}
