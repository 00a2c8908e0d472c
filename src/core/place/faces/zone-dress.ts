/** What is said of a zone once, for all its walls and its roof; any bay may be told otherwise afterwards. */
import type { MeshId } from '../../tables/meshes';
import { any, type PossibleChoice } from '../possible';
import type { Zone } from '../place';

/** What a layer may be before anybody has looked. */
export type Cover = PossibleChoice<MeshId | 'none'>;

/** What a zone's walls and roof are made of, until a bay is told otherwise. */
export interface ZoneDress {
  /** Layers of its walls, the outermost first. */
  readonly cover: readonly Cover[];
  /** Layers of its roof; `open` where it has none. */
  readonly roof: readonly Cover[] | 'open';
  /** Posts stand no farther apart, mm. */
  readonly spacing: number;
  /** What its walls stand on: earth, a floor of their own, or the earth as a light frame that may be lifted. */
  readonly edge: 'earth' | 'floor' | 'frame';
}

/** 6 ft panels, mm (common practice). */
export const postSpacing = 1800;

/** What walls and roof of a run begin as: nothing is known of them. */
export const runDress: ZoneDress = {
  cover: [any],
  roof: [any],
  spacing: postSpacing,
  edge: 'earth',
};

/** Boards all round, one bay a wall. */
export const houseDress: ZoneDress = {
  cover: [{ is: 'solid-board' }],
  roof: [any],
  spacing: Infinity,
  edge: 'floor',
};

/** What the walls of each kind of zone begin as. */
export const usualDress: Readonly<Record<Zone['kind'], ZoneDress>> = {
  run: runDress,
  house: houseDress,
  'nest-box': houseDress,
  'under-house': { ...runDress, roof: 'open' },
};

/** Heights a zone has until it is told, mm: runs are stood up in, houses are not (assumption of ours). */
export const usualHeight: Readonly<Record<Zone['kind'], number>> = {
  run: 1800,
  house: 1200,
  'nest-box': 400,
  'under-house': 600,
};

/** Of a zone’s walls, mm; the usual one where none is said. */
export const heightOf = ({ kind, height }: Zone): number => height ?? usualHeight[kind];

/** Above the ground. */
export const topOf = (zone: Zone): number => (zone.base ?? 0) + heightOf(zone);
