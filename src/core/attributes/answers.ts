/** Answers that many checks share, best first. */

export const noIsBest = ['no', 'yes'] as const;
