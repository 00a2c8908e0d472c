/** The single movements a latch asks of whoever opens it. */
export const motions = ['lift', 'slide', 'turn', 'pull', 'squeeze', 'unclip', 'key'] as const;

export type Motion = (typeof motions)[number];
