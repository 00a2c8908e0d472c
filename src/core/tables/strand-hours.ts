/** When the line is on, by the keeper’s routine. */
export const strandHours = ['always', 'nights-and-away', 'nights', 'never'] as const;
/** When the line is on. */
export type StrandHours = (typeof strandHours)[number];
