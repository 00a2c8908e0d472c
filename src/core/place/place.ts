/**
 * A place: one coop with its run, as it stands. Structure only: what was found on a walk is kept as readings
 * (see walk.ts) and laid over the structure by `applyReadings`. Lengths in mm, angles in degrees clockwise.
 */
import type { AnimalId, Region } from '../tables/animals';
import type { LatchId } from '../tables/latches';
import type { MeshId } from '../tables/meshes';
import type { PossibleChoice, PossibleLength } from './possible';

export type ZoneId = string;
export type BayId = string;
export type ItemId = string;

/** The zone nobody lists: everything that is not the place. */
export const outside = 'outside';

export interface Place {
  readonly id: string;
  readonly name: string;
  readonly units: 'metric' | 'imperial';
  readonly setting: Setting;
  readonly flock: readonly Group[];
  readonly zones: readonly Zone[];
  readonly faces: readonly Face[];
}

export interface Setting {
  readonly region: Region;
  /** Animals the keeper reckons with here. One that never comes is left out. */
  readonly lives: readonly AnimalId[];
}

/** Birds that spend the night together. */
export interface Group {
  readonly id: string;
  readonly kind: 'bantam' | 'grown' | 'chicks' | 'ducks';
  readonly count: number;
  readonly sleeps: ZoneId;
}

export interface Zone {
  readonly id: ZoneId;
  readonly kind: 'run' | 'house';
  readonly name: string;
  readonly outline: Outline;
}

/** A closed walk as paced: from `start`, heading, then side by side. x runs east, y north. */
export interface Outline {
  readonly start: { readonly x: number; readonly y: number };
  /** 0 north, 90 east. */
  readonly heading: number;
  readonly sides: readonly Side[];
}

export interface Side {
  readonly id: string;
  readonly name: string;
  readonly kind: 'fence' | 'building' | 'rock' | 'trunk';
  readonly length: number;
  readonly entered?: string;
  /** Turn at the far end of the side; to the right is positive. */
  readonly turn: number;
}

/** A surface between two zones. Its bays follow each other the way the outline was paced. */
export interface Face {
  readonly id: string;
  readonly kind: 'wall' | 'roof' | 'floor' | 'partition';
  readonly between: readonly [ZoneId, ZoneId];
  /** The side it stands on (walls); faces on one side follow each other in file order. */
  readonly along?: string;
  readonly bays: readonly Bay[];
}

/** Post to post. */
export interface Bay {
  readonly id: BayId;
  readonly name: string;
  readonly width: number;
  readonly height: number;
  readonly top: TopEdge;
  readonly bands: readonly Band[];
  readonly ground?: GroundLine;
  readonly openings: readonly Opening[];
  readonly strands: readonly Strand[];
  /** Widest opening at a staple line, seam, tie or corner when pulled by hand. */
  readonly panelPulled?: PossibleLength;
  /** Largest hole anywhere in the bay. */
  readonly largestHole?: PossibleLength;
}

export interface TopEdge {
  readonly kind: 'roof' | 'open' | 'overhang' | 'hood' | 'tilt';
  /** How far an overhang reaches out. */
  readonly width?: number;
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
}

export const fixings = ['staples', 'ties', 'lacing', 'batten', 'screws-washers'] as const;
export type Fixing = (typeof fixings)[number];
export const conditions = ['sound', 'worn', 'failing'] as const;
export type Condition = (typeof conditions)[number];
export const yesNo = ['yes', 'no'] as const;
export type YesNo = (typeof yesNo)[number];
export const soils = ['soft', 'firm', 'stony', 'rock', 'hard-surface'] as const;
export type Soil = (typeof soils)[number];

export interface GroundLine {
  /** Widest gap between sill and ground, at rest. */
  readonly gap?: PossibleLength;
  /** The same with the bottom edge lifted by hand midway between posts. */
  readonly gapLifted?: PossibleLength;
  readonly soil?: PossibleChoice<Soil>;
  readonly skirt?: Skirt;
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
  /** Mesh in it (vents, windows). */
  readonly cover?: readonly Layer[];
  readonly habit: Habit;
  readonly shutBy: 'hand' | 'cord' | 'light' | 'nobody';
}

export const openingKinds = [
  'gate',
  'door',
  'hatch',
  'pop-door',
  'nest-lid',
  'window',
  'vent',
] as const;
export type OpeningKind = (typeof openingKinds)[number];

/** How it stands at night by habit. A fixed opening (a vent) is `every-night`: its mesh is its door. */
export const habits = ['every-night', 'cold-or-storms', 'never'] as const;
export type Habit = (typeof habits)[number];

export interface FittedLatch {
  readonly id: ItemId;
  /** "none" while a mend that adds it has not been measured. */
  readonly kind: PossibleChoice<LatchId | 'none'>;
}

/** An electric strand crossing the bay. */
export interface Strand {
  readonly id: ItemId;
  readonly height: number;
  readonly standOff: number;
}
