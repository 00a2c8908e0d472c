/** Hold: the share of the threat that a place turns away, 0 to 100. Ranks places; promises nothing. */

/** One animal's threat and the chance that a visit of it succeeds. */
export interface Threat {
  readonly weight: number;
  readonly chance: number;
}

/** `1 − Σ w·chance / Σ w`, times 100; `null` where nothing threatens. */
export function hold(threats: readonly Threat[]): number | null {
  const total = threats.reduce((sum, { weight }) => sum + weight, 0);
  if (total === 0) return null;
  const through = threats.reduce((sum, { weight, chance }) => sum + weight * chance, 0);
  return 100 * (1 - through / total);
}
