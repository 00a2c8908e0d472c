/**
 * Chance that a visit succeeds along a route of so many minutes: the animal is still at it after `minutes`
 * when giving-up times are exponential with mean `patience` (assumption of ours). `null` minutes holds.
 */
export function chanceOf(minutes: number | null, patience: number): number {
  return minutes === null ? 0 : Math.exp(-minutes / patience);
}
