/** The order of the work: what makes the nights safer by the hour first. */
import { noChoice, making, type Choice } from './choice';
import { lossAt, lossOfSome } from './loss';
import type { PlanProblem, Term } from './problem';

/**
 * Found from the end: of all that is still to be done, the mend whose lack would cost the fewest birds at night for each hour it takes is
 * done last; of those that win nothing at night, the one that wins least by day. So mends that only help together stay together. Of like
 * ones the longest comes last.
 */
export function orderOf(problem: PlanProblem, chosen: readonly number[]): number[] {
  const left = [...chosen];
  const order: number[] = [];
  while (left.length > 0) {
    const made = choiceOf(problem, left);
    const [nightNow, now] = [lossOfSome(problem, made, isNight), lossAt(problem, made)];
    const last = left
      .map((mend) => {
        const others = choiceOf(
          problem,
          left.filter((it) => it !== mend),
        );
        const hours = Math.max(1, problem.candidates[mend]?.minutes ?? 0) / 60;
        return {
          mend,
          night: won(lossOfSome(problem, others, isNight) - nightNow) / hours,
          all: won(lossAt(problem, others) - now) / hours,
        };
      })
      .sort(
        (a, b) =>
          a.night - b.night ||
          a.all - b.all ||
          (problem.candidates[b.mend]?.minutes ?? 0) - (problem.candidates[a.mend]?.minutes ?? 0) ||
          b.mend - a.mend,
      )[0];
    if (!last) break;
    order.unshift(last.mend);
    left.splice(left.indexOf(last.mend), 1);
  }
  return order;
}

/** Without what is left of reckoning in fractions. */
const won = (birds: number): number => (birds < 1e-9 ? 0 : birds);

/** Whether a term counts by night. */
export const isNight = ({ scenarios }: Term): boolean =>
  scenarios.includes('night-shut') || scenarios.includes('left-open');

/** The choice in which just these are made. */
export function choiceOf(problem: PlanProblem, chosen: readonly number[]): Choice {
  return chosen.reduce((choice, mend) => making(problem, choice, mend), noChoice(problem));
}
