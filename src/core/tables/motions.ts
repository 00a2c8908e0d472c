/** The single movements a latch asks of whoever opens it. */
export const motions = ['lift', 'slide', 'turn', 'pull', 'squeeze', 'unclip', 'key'] as const;

/** A single movement that opens something. */
export type Motion = (typeof motions)[number];
