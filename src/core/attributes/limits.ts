/** What amounts can be at all; a reading beyond is a slip of the thumb. All of them assumptions of ours. */

/** A gap wider than this is a missing wall, mm. */
export const widestGap = 1000;
/** Nobody digs a skirt deeper or lays one wider, mm. */
export const deepestSkirt = 2000;
/** No mesh or netting for poultry is coarser, mm. */
export const coarsestMesh = 300;
/** Thinner wire is thread, thicker is rod, mm. */
export const wireLimits = [0.1, 10] as const;
/** No frame that is moved by hand weighs more, kg. */
export const heaviestFrame = 1000;
/** No peg is longer, mm. */
export const longestPeg = 1000;
/** No roost stands farther from its wall, mm. */
export const farthestRoost = 5000;
/** No bear wire is higher, mm. */
export const highestStrand = 2500;
/** No energizer for stock gives more, kV. */
export const mostVolts = 15;
/** No overhang is wider, mm. */
export const widestOverhang = 2000;
/** No keeper behind the house has more, birds. */
export const mostBirds = 10_000;
/** Nobody takes longer to shut up, min. */
export const longestRound = 600;

/** Figures that gaps and mesh usually have, mm (common practice). */
export const usualGaps = [0, 6, 12, 25, 50] as const;
/** Figures that skirts and pegs usually have, mm (common practice). */
export const usualSkirts = [0, 150, 300, 450, 600] as const;
/** Line potentials that testers usually show, kV (common practice). */
export const usualVolts = [0, 2, 4, 6, 8] as const;
