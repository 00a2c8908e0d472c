/**
 * A place: one coop with its run, as it stands. Structure only: what was found on a walk is kept as readings
 * (see walk.ts) and laid over the structure by `applyReadings`. Lengths in mm, angles in degrees clockwise.
 */
import type { AnimalId, Region } from '../tables/animals';
import type { Near, Often } from '../tables/visiting';
import type { Bay, ItemId } from './bay';
import type { PossibleLength } from './possible';
import type { YearSpan } from './year-span';

export type {
  Band,
  Bay,
  BayId,
  ByDay,
  FittedLatch,
  GroundLine,
  Habit,
  ItemId,
  Layer,
  Opening,
  OpeningKind,
  Skirt,
  Strand,
  TopEdge,
  YesNo,
} from './bay';

export type ZoneId = string;

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
  readonly fence?: Fence;
  readonly routine?: Routine;
}

export interface Setting {
  readonly region: Region;
  /** Animals the keeper reckons with here. One that never comes is left out. */
  readonly lives: readonly AnimalId[];
  /** What lies near and what calls animals. */
  readonly near: readonly Near[];
  /** How often, in the keeper's words, where they know better than the tables. */
  readonly often?: readonly { readonly animal: AnimalId; readonly often: Often }[];
  /** ISO 4217: "EUR". Absent: the region's own. */
  readonly currency?: string;
  /** Only if the keeper wants it: for dusk and dawn. Degrees, north and east above zero. */
  readonly position?: Position;
}

export interface Position {
  readonly latitude: number;
  readonly longitude: number;
}

export const birdKinds = ['bantam', 'grown', 'chicks', 'ducks', 'sitting', 'other'] as const;
export type BirdKind = (typeof birdKinds)[number];

/** Birds that spend night and day together. */
export interface Group {
  readonly id: string;
  /** In the keeper's words: "turkey poults". Absent: the kind says enough. */
  readonly name?: string;
  readonly kind: BirdKind;
  readonly count: number;
  /** A zone, or `outside`: the one that roosts in a tree. */
  readonly sleeps: ZoneId;
  /** Where they are by day; absent: the run their house opens on, else where they sleep. */
  readonly days?: ZoneId;
  /** Hours a day out of the run, and in which zone (`outside`, or a fenced strip). */
  readonly ranging?: Ranging;
}

export interface Ranging {
  readonly zone: ZoneId;
  readonly hours: number;
  /** Only when someone is at home and about. */
  readonly watched: boolean;
}

export interface Zone {
  readonly id: ZoneId;
  readonly kind: ZoneKind;
  readonly name: string;
  readonly outline: Outline;
  /** Of its walls, mm. */
  readonly height?: number;
  /** Height of its floor above the ground, mm; absent: on the ground. */
  readonly base?: number;
  /** A pen without a floor that is moved to fresh ground, and on what. */
  readonly moves?: Moves;
  /** Days of the year on which birds are kept in it; absent: all year. */
  readonly inUse?: YearSpan;
}

export const movesOn = ['wheels', 'skids', 'carried'] as const;
export type Moves = (typeof movesOn)[number];

export const zoneKinds = ['run', 'house', 'nest-box', 'under-house'] as const;
export type ZoneKind = (typeof zoneKinds)[number];

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
  readonly kind: SideKind;
  readonly length: number;
  readonly entered?: string;
  /** Turn at the far end of the side; to the right is positive. */
  readonly turn: number;
}

export const sideKinds = ['fence', 'building', 'rock', 'trunk'] as const;
export type SideKind = (typeof sideKinds)[number];

/** A surface between two zones. Its bays follow each other the way the outline was paced. */
export interface Face {
  readonly id: string;
  readonly kind: 'wall' | 'roof' | 'floor' | 'partition';
  readonly between: readonly [ZoneId, ZoneId];
  /** The side it stands on (walls). */
  readonly along?: string;
  /** Where on that side it begins, mm as measured; absent: where the face before it in file order ends. */
  readonly from?: number;
  readonly bays: readonly Bay[];
}

/** The electric line that all strands of the place hang on. */
export interface Fence {
  readonly id: ItemId;
  /** Line potential, kV, at the far end. Unread is unknown, not live. */
  readonly volts?: PossibleLength;
  readonly on: StrandHours;
}

export const strandHours = ['always', 'nights-and-away', 'nights', 'never'] as const;
export type StrandHours = (typeof strandHours)[number];

export interface Routine {
  /** Who shuts up, and who does when they are away: the keeper's own words. */
  readonly shuts?: string;
  readonly whenAway?: string;
  /** Nights of a year on which nobody does. */
  readonly nightsUnshut?: number;
  /** Evening rounds on record: how many, and how many of them left a door open. */
  readonly rounds?: { readonly made: number; readonly missed: number };
}
