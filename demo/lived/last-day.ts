/** The day on which both stories end. Whoever opens a place has its days moved, so that this is theirs. */
export const lastDay = '2026-10-25';
