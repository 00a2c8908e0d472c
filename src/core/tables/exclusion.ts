/** What shuts an animal out: openings by the figure a place is judged by and the stricter one that mends are designed to. */
import type { Figure } from './figure';

/** Where the head turns flat, so much of what is passed as a hole is passed as a long slot: as the fox’s two figures have it. */
export const passedAsSlot: Figure = {
  value: 0.84,
  unit: 'share',
  source: 'rookle',
  mark: 'assumption',
  note: '64 of 76.2 mm; no measured figure is known to us.',
};

/** The opening that shuts this animal out, smallest clear dimension in mm. */
export interface Exclusion {
  /** The figure a place is judged by, a design figure: at or under it, it holds. */
  readonly used: Figure;
  /** The stricter figure mends are designed to; between the two lies the band of doubt. */
  readonly strict: Figure;
  /** The opening that the animal is known to pass: from here on it walks in. Between `used` and this the effort falls. */
  readonly passes: Figure;
  /**
   * What shuts a long slot, where a hole of the figure used was measured on mesh: with room sideways the head turns flat.
   * Absent where the published figure speaks of gaps and cracks itself.
   */
  readonly slot?: Figure;
}
