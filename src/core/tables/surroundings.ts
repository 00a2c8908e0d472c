/** What stands round a place: the first thing that decides who comes by at all. */

/** A kind of neighbourhood. */
export const surroundings = ['street', 'suburb', 'village', 'farm', 'woods-edge', 'water'] as const;
/** One of `surroundings`. */
export type Surroundings = (typeof surroundings)[number];
