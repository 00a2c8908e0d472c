/** The ways an animal can go about it. */
export const attacks = [
  'pass',
  'reach',
  'tear',
  'dig',
  'climb',
  'jump',
  'fly',
  'open',
  'lift',
  'wait',
] as const;

/** A way of getting by. */
export type Attack = (typeof attacks)[number];
