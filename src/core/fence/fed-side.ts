/** The bay beside the opened place from which the feed is still reached. */
export const fedSide = (into: number, feed: number): number => (feed < into ? into - 1 : into);
