/** Where every search begins: what must be made is made, what may not be is barred. */
import { barring, making, noChoice, type Choice } from './choice';
import type { Limits } from './limits';
import type { PlanProblem } from './problem';

/** The choice that the keeper’s own words begin the search with: must done, won’t and too long barred. */
export function startOf(problem: PlanProblem, { longest, must = [], wont = [] }: Limits): Choice {
  const { candidates } = problem;
  const isMust = (id: string): boolean => must.includes(id);
  let choice = noChoice(problem);
  candidates.forEach(({ id }, index) => {
    if (isMust(id) && choice[index] === 0) choice = making(problem, choice, index);
  });
  const ruledOut = candidates.flatMap(({ id, minutes }, index) =>
    wont.includes(id) || (longest !== undefined && minutes > longest) ? [index] : [],
  );
  return barring(choice, ruledOut);
}
