/** Birds a year that a choice of mends leaves to be taken. */
import { chanceOf } from '../../routes/chance';
import type { AnimalId } from '../../tables/animals';
import { made, noChoice, stateOf, weightIn, type Choice } from './choice';
import { distanceOf, insideOf } from './distance';
import { ofFlock } from '../../score/losses';
import type { PlanProblem, Term } from './problem';

/** Λ, birds a year, with these made. They must not exclude each other. */
export function lossWith(problem: PlanProblem, mends: readonly number[]): number {
  const choice = noChoice(problem);
  for (const mend of mends) choice[mend] = made;
  return lossAt(problem, choice);
}

/** The same of a choice; of some terms only where it is said of which, and then without what no mend bears on. */
export function lossAt(
  { terms, fixed }: PlanProblem,
  choice: Choice,
  counts?: (term: Term) => boolean,
): number {
  return (counts ? terms.filter(counts) : terms).reduce(
    (sum, term) => sum + lossOf(term, choice),
    counts ? 0 : fixed,
  );
}

/** Birds a year that a term loses by a choice. */
export function lossOf(term: Term, choice: Choice): number {
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

/** Birds a year, by all animals or by one: a group of N loses no more than N. */
export function birdsLost(problem: PlanProblem, choice: Choice, animal?: AnimalId): number {
  const { terms, flock, fixedOf } = problem;
  const own = terms.filter((term) => animal === undefined || term.animal === animal);
  const chances = own.map((term) => chanceOf(distanceWith(term, choice)));
  return Object.entries(flock).reduce((sum, [group, count]) => {
    const inOpen = animal === undefined ? (fixedOf[group] ?? 0) : 0;
    const lambda = own.reduce(
      (all, { weightOf }, index) => all + (weightOf[group] ?? 0) * (chances[index] as number),
      inOpen,
    );
    return sum + ofFlock(lambda, count);
  }, 0);
}
