/** What shuts an animal out: openings by the figure a place is judged by and the stricter one that mends are designed to. */
import type { Figure } from './figure';

/** The opening that shuts this animal out, smallest clear dimension in mm. */
export interface Exclusion {
  /** The figure a place is judged by: an opening above it counts as passing. */
  readonly used: Figure;
  /** The stricter figure mends are designed to; between the two lies the band of doubt. */
  readonly strict: Figure;
  /** True where the source says "under", so that an opening of exactly `used` passes. */
  readonly passesAtFigure?: true;
  /**
   * What shuts a long slot, where a hole of the figure used was measured on mesh: with room sideways the head turns flat.
   * Absent where the published figure speaks of gaps and cracks itself.
   */
  readonly slot?: Figure;
}
