/** The ways an animal can go about it, and which of them this version judges. */
export const attacks = [
  'pass',
  'open',
  'reach',
  'tear',
  'dig',
  'climb',
  'jump',
  'fly',
  'lift',
  'wait',
] as const;

export type Attack = (typeof attacks)[number];

export const judgedAttacks = ['pass', 'open', 'dig'] as const satisfies readonly Attack[];

export type JudgedAttack = (typeof judgedAttacks)[number];

/** Named beside every hold, so that nobody takes silence for safety. */
export const attacksNotJudged: readonly Attack[] = attacks.filter(
  (attack) => !(judgedAttacks as readonly Attack[]).includes(attack),
);
