/** What stands round a place: the first thing that decides who comes by at all. */

export const surroundings = ['street', 'suburb', 'village', 'farm', 'woods-edge', 'water'] as const;
/** A kind of neighbourhood. */
export type Surroundings = (typeof surroundings)[number];
