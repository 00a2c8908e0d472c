/** Getting up and over: what a wall may be climbed by, and the sets of figures that are enough against it. */
import type { Figure } from './figure';
import { assumed, practice, published } from './millimetres';
import type { SourceId } from './sources';

/** Getting up a surface. */
export type Climbing = 'none' | 'clambers' | 'well';

/** By what a wall is made of; smooth sheet is climbed by nothing here. */
export interface Climbs {
  readonly wire: Climbing;
  readonly wood: Climbing;
}

/** How animals climb, by what they find holds on. */
export const climbs = {
  nothing: { wire: 'none', wood: 'none' },
  /** Wire gives holds to many that cannot climb a boarded wall. */
  wire: { wire: 'well', wood: 'none' },
  clambers: { wire: 'clambers', wood: 'none' },
  anything: { wire: 'well', wood: 'well' },
} as const satisfies Record<string, Climbs>;

/** What stops nothing that walks, mm. */
export const step: Figure = assumed(100, 'Whatever walks steps over a sill so high, snakes too.');

/** A free-standing top edge at least so high, reaching so far outward (0: not needed), leaning so far (absent: upright). */
export interface EnoughAgainstClimbing {
  readonly height: Figure;
  readonly overhang: Figure;
  /** Degrees outward from upright. */
  readonly tilt?: Figure;
}

/** Wall and overhang, mm, published as enough. */
export function highEnough(
  height: number,
  overhang: number,
  source: SourceId,
  note?: string,
): EnoughAgainstClimbing {
  return { height: published(height, source, note), overhang: published(overhang, source, note) };
}

/** Wall, mm, that practice calls enough, without an overhang. */
export function highByPractice(height: number, note?: string): EnoughAgainstClimbing {
  return { height: practice(height, note), overhang: practice(0) };
}

/** Wall, mm, that we take for enough, without an overhang. */
export function highByAssumption(height: number, note?: string): EnoughAgainstClimbing {
  return { height: assumed(height, note), overhang: assumed(0) };
}

/** The fence built in the field against foxes and cats. */
export const overhangFence = highEnough(
  1800,
  600,
  'moseby-read',
  'Built in the field as 1.8 m with a curved 600 mm overhang.',
);

/** Adds a lean to a set. */
export function leaning(set: EnoughAgainstClimbing, degrees: number): EnoughAgainstClimbing {
  return { ...set, tilt: { ...set.height, value: degrees, unit: 'degrees' } };
}
