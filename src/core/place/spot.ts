/** The kinds of places in a bay at which something gives way, and which one mend puts right. */

/** A kind of place in a bay at which something gives way. */
export const spotKinds = [
  'ground',
  'dig',
  'mesh',
  'panel',
  'hole',
  'edges',
  'latch',
  /** Hinges that a door is drawn off. */
  'hinges',
  /** Within reach of roosting birds. */
  'reach',
  /** Over a top edge that is joined to nothing. */
  'top',
  /** Under a light frame that is lifted. */
  'frame',
  /** Timber along the ground that has gone soft. */
  'timber',
  /** Where there is no cover at all. */
  'bare',
  /** A door that habit, or a forgotten round, leaves open. */
  'habit',
  /** The strands crossing a bay, and the line they hang on. */
  'strand',
  'fence',
] as const;
/** One of `spotKinds`. */
export type SpotKind = (typeof spotKinds)[number];

const ofLine: readonly SpotKind[] = ['strand', 'fence'];

/** Of the electric line: what is done there is felt wherever it runs. */
export const isLineSpot = (kind: SpotKind): boolean => ofLine.includes(kind);
