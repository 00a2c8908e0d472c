/** Mends without which nothing that is still open does as well as asked, whatever is spent: they are in every set that does. */
import { chanceOf } from '../../routes/chance';
import { barred, made, making, maskOf, type Choice } from './choice';
import { distanceOf, insideOf } from './distance';
import type { birdsBy } from './loss';
import type { Link, PlanProblem, Term } from './problem';

/** Gives the choice with all of them made; `undefined` where no set with this choice in it leaves fewer than `most` birds a year. */
export type WithNeeded = (choice: Choice, most: number) => Choice | undefined;

/** The problem without candidates that spare no bird, whatever else is made. */
export function withNeeded(problem: PlanProblem, birds: ReturnType<typeof birdsBy>): WithNeeded {
  const { terms, candidates } = problem;
  const bearsOn = candidates.map((_, mend) =>
    terms.flatMap(({ links }, term) => {
      const own = links.flatMap(({ mends }, link) => {
        const at = mends.indexOf(mend);
        return at < 0 ? [] : [{ link, bit: 1 << at }];
      });
      return own.length > 0 ? [{ term, own }] : [];
    }),
  );
  return (choice, most) => {
    let now = choice;
    for (;;) {
      const open = terms.map(({ links }) => links.map((link) => openOf(link, now)));
      const weights = open.map((links) => links.map((it) => mostOf(it, 0)));
      const chances = Float64Array.from(terms, (term, index) =>
        leastChance(term, weights[index] as number[]),
      );
      if (birds(chances) >= most) return undefined;
      const isNeeded = (mend: number): boolean => {
        const others = chances.slice();
        let isOther = false;
        for (const { term, own } of bearsOn[mend] as (typeof bearsOn)[number]) {
          const before = weights[term] as number[];
          let left: number[] | undefined;
          for (const { link, bit } of own) {
            const weight = mostOf(open[term]?.[link] as Open, bit);
            // What others do as well without it changes nothing.
            if (weight !== before[link]) (left ??= before.slice())[link] = weight;
          }
          if (left) others[term] = leastChance(terms[term] as Term, left);
          isOther ||= left !== undefined;
        }
        return isOther && birds(others) >= most;
      };
      const needed = candidates.flatMap((_, mend) =>
        now[mend] === 0 && isNeeded(mend) ? [mend] : [],
      );
      if (needed.length === 0) return now;
      for (const mend of needed) {
        // Two that are needed and exclude each other: there is no such set.
        if (now[mend] === barred) return undefined;
        now = making(problem, now, mend);
      }
    }
  };
}

/** With every link of the term as good as it can be. */
function leastChance(term: Term, weights: readonly number[]): number {
  return chanceOf(distanceOf(term, weights, insideOf(term, weights)));
}

/** A link, with which of its mends are made and which may not be. */
interface Open {
  readonly link: Link;
  readonly has: number;
  readonly not: number;
}

const openOf = (link: Link, choice: Choice): Open => ({
  link,
  has: maskOf(link, choice, made),
  not: maskOf(link, choice, barred),
});

/** The most it can weigh without the mends of `without`, by their bits. */
function mostOf({ link, has, not }: Open, without: number): number {
  const never = not | without;
  let most = 0;
  for (const { mask, weight } of link.states) {
    if ((mask & has) === has && (mask & never) === 0) most = Math.max(most, weight ?? Infinity);
  }
  return most;
}
