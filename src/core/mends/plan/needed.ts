/** Mends without which nothing that is still open does as well as asked, whatever is spent: they are in every set that does. */
import { chanceOf } from '../../routes/chance';
import { barred, barring, made, making, maskOf, type Choice } from './choice';
import { distanceOf, insideOf } from './distance';
import type { birdsBy } from './loss';
import type { Link, PlanProblem, Term } from './problem';

/** Gives the choice with all of them made; `undefined` where no set with this choice in it leaves fewer than `most` birds a year. */
export type WithNeeded = (choice: Choice, most: number) => Choice | undefined;

/** The problem without candidates that spare no bird, whatever else is made. */
export function withNeeded(problem: PlanProblem, birds: ReturnType<typeof birdsBy>): WithNeeded {
  const { terms, candidates } = problem;
  const termsOf = candidates.map((_, mend) =>
    terms.flatMap(({ links }, index) =>
      links.some(({ mends }) => mends.includes(mend)) ? [index] : [],
    ),
  );
  return (choice, most) => {
    let now = choice;
    for (;;) {
      const chances = Float64Array.from(terms, (term) => leastChance(term, now));
      if (birds(chances) >= most) return undefined;
      const open = candidates.flatMap((_, mend) => (now[mend] === 0 ? [mend] : []));
      const needed = open.filter((mend) => {
        const without = barring(now, [mend]);
        const others = chances.slice();
        for (const index of termsOf[mend] as number[]) {
          others[index] = leastChance(terms[index] as Term, without);
        }
        return birds(others) >= most;
      });
      if (needed.length === 0) return now;
      for (const mend of needed) {
        // Two that are needed and exclude each other: there is no such set.
        if (now[mend] === barred) return undefined;
        now = making(problem, now, mend);
      }
    }
  };
}

/** With all that is open as good as it can be. */
function leastChance(term: Term, choice: Choice): number {
  const weights = term.links.map((link) => mostOf(link, choice));
  return chanceOf(distanceOf(term, weights, insideOf(term, weights)));
}

function mostOf(link: Link, choice: Choice): number {
  const has = maskOf(link, choice, made);
  const not = maskOf(link, choice, barred);
  let most = 0;
  for (const { mask, weight } of link.states) {
    if ((mask & has) === has && (mask & not) === 0) most = Math.max(most, weight ?? Infinity);
  }
  return most;
}
