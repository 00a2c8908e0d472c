/** Birds a year that a choice of mends leaves to be taken. */
import { chanceOf } from '../../routes/chance';
import { made, noChoice, stateOf, weightIn, type Choice } from './choice';
import { distanceOf, insideOf } from './distance';
import type { PlanProblem, Term } from './problem';

/** Λ, birds a year, with these made. They must not exclude each other. */
export function lossWith(problem: PlanProblem, mends: readonly number[]): number {
  const choice = noChoice(problem);
  for (const mend of mends) choice[mend] = made;
  return problem.terms.reduce((sum, term) => sum + lossOf(term, choice), problem.fixed);
}

export function lossOf(term: Term, choice: Choice): number {
  return term.weight * chanceOf(distanceWith(term, choice));
}

export function distanceWith(
  term: Term,
  choice: Choice,
  metric: 'weight' | 'minutes' = 'weight',
): number {
  const weights = term.links.map((link) => weightIn(stateOf(link, choice), metric));
  return distanceOf(term, weights, insideOf(term, weights));
}
