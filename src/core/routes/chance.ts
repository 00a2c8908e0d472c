/**
 * Chance that a visit succeeds along a route of this weight. A step weighs `minutes / patience − ln(1 − s)`: giving-up times
 * are exponential with mean `patience` (assumption of ours), and strands turn back the share `s` of tries. No route: none.
 */
export function chanceOf(weight: number | null): number {
  return weight === null ? 0 : Math.exp(-weight);
}
