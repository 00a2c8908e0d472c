/** What birds are, as far as it matters to what takes them. */
export const birdKinds = ['bantam', 'grown', 'chicks', 'ducks', 'sitting', 'other'] as const;
/** One of `birdKinds`. */
export type BirdKind = (typeof birdKinds)[number];
