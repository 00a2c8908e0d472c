/** A starting shape: a layout keepers know by sight, laid out from a few sizes. Everything about it can be changed afterwards. */
import type { Face, Zone, ZoneId } from '../place';

/** Id of a starting shape. */
export const shapeIds = [
  'side-by-side',
  'run-round',
  'raised',
  'shed',
  'kennel',
  'two-runs',
  'strip',
  'a-frame',
  'deck',
  'hoop',
  'low-box',
] as const;
/** One of `shapeIds`. */
export type ShapeId = (typeof shapeIds)[number];

/** Sizes that a starting shape asks for. */
export const sizeIds = [
  'runWidth',
  'runDepth',
  'runHeight',
  'houseWidth',
  'houseDepth',
  'sections',
] as const;
/** Widths run along the front, depths away from it; `sections`: how high the house stands. */
export type SizeId = (typeof sizeIds)[number];

/** Sizes by name, mm; one that a shape does not ask for is not looked at. */
export type Sizes = Readonly<Record<SizeId, number>>;

/** Zones and faces of a new place. */
export interface Layout {
  readonly zones: readonly Zone[];
  readonly faces: readonly Face[];
  /** Where birds are put to begin with. */
  readonly sleeps: ZoneId;
}

/** The house must leave some run: a gate's width beside and before it. */
export interface ShapeProblem {
  readonly problem: 'house-too-large';
}

/** A shape to begin from. */
export interface StartingShape {
  readonly id: ShapeId;
  /** Sizes it asks for, in that order, and what they usually are: mm where one thinks in metres, inches in feet. */
  readonly asks: Readonly<Partial<Record<SizeId, readonly [mm: number, inches: number]>>>;
  readonly lay: (sizes: Sizes) => Layout | ShapeProblem;
}

/** Whether a shape came out with these sizes. */
export const isLayout = (it: Layout | ShapeProblem): it is Layout => 'zones' in it;
