/** Answers that many checks share, best first. */

/** Choices of a question to which *no* is the better answer. */
export const noIsBest = ['no', 'yes'] as const;
