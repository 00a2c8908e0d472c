/** Birds a year that a choice of mends leaves to be taken, as they are shown: no flock loses more than it has. */
import { chanceOf } from '../../routes/chance';
import type { AnimalId } from '../../tables/animals';
import { made, noChoice, stateOf, weightIn, type Choice } from './choice';
import { distanceOf, insideOf } from './distance';
import { ofFlock } from '../../score/losses';
import type { PlanProblem, Term } from './problem';

/** Birds a year by the chance of each term, in the problem's order: `Σ N(1 − exp(−Λ/N))` over the groups, what no mend bears on with it. */
export function birdsBy({
  terms,
  flock,
  fixedOf,
}: PlanProblem): (chances: ArrayLike<number>) => number {
  const groups = Object.entries(flock).map(([group, count]) => ({
    count,
    fixed: fixedOf[group] ?? 0,
    weights: terms.map(({ weightOf }) => weightOf[group] ?? 0),
  }));
  return (chances) => {
    let birds = 0;
    for (const { count, fixed, weights } of groups) {
      let lambda = fixed;
      for (let at = 0; at < weights.length; at += 1) {
        lambda += (weights[at] as number) * (chances[at] as number);
      }
      birds += ofFlock(lambda, count);
    }
    return birds;
  };
}

/** Birds a year with these made. They must not exclude each other. */
export function lossWith(problem: PlanProblem, mends: readonly number[]): number {
  const choice = noChoice(problem);
  for (const mend of mends) choice[mend] = made;
  return lossAt(problem, choice);
}

/** The same of a choice. */
export function lossAt(problem: PlanProblem, choice: Choice): number {
  return birdsBy(problem)(problem.terms.map((term) => chanceOf(distanceWith(term, choice))));
}

/** The same of some terms alone, without what no mend bears on. */
export function lossOfSome(
  problem: PlanProblem,
  choice: Choice,
  counts: (term: Term) => boolean,
): number {
  return lossAt({ ...problem, terms: problem.terms.filter(counts), fixedOf: {} }, choice);
}

/** By one animal, as if it came alone. */
export function lossBy(problem: PlanProblem, choice: Choice, animal: AnimalId): number {
  return lossOfSome(problem, choice, (term) => term.animal === animal);
}

/** Λ of a term by a choice: birds a year if there were no end of them. */
export function lambdaOf(term: Term, choice: Choice): number {
  return term.weight * chanceOf(distanceWith(term, choice));
}

/** The lightest way from outside to the birds of a term, by weight or minutes; Infinity where there is none. */
export function distanceWith(
  term: Term,
  choice: Choice,
  metric: 'weight' | 'minutes' = 'weight',
): number {
  const weights = term.links.map((link) => weightIn(stateOf(link, choice), metric));
  return distanceOf(term, weights, insideOf(term, weights));
}
