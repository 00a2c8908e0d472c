/**
 * A plan that can be paid for where things are bought: there is no mesh by the metre in a shop. Where whole rolls, boards and packs break
 * the budget, it is solved again without that set and whatever it is part of; where something is not to be had, without what needs it.
 */
import type { Steps } from '../../steps';
import { planning, type Plan, type Progress, type Refuses } from './best-plan';
import { gentlest } from './gentlest';
import type { Limits } from './limits';
import { lossAt, lossWith } from './loss';
import { choiceOf } from './order';
import type { PlanProblem } from './problem';
import { startOf } from './start';
import { barred, chosenOf } from './choice';
import type { Till } from './till';
import { worthwhile } from './worthwhile';

/** A plan with what is paid for it, hundredths of money. */
export interface PaidPlan extends Plan {
  readonly paid: number;
}

/** Half of it for what is not looked for, half for mends that are left out. */
const slack = worthwhile.value / 2;

/** Sets looked at for the sake of less work alone, at most. */
const mostForTies = 500;

/** Sets priced for one plan, at most: then the best so far is the answer, and counts as unproved. */
const mostPriced = 300;

/** Shares of the budget by the metre that are tried first: there is soon something that can be had. */
const shares = [0.9, 0.8, 0.7, 0.6, 0.5, 0.35, 0.2];

/** The best plan that can be paid for, without mends that spare none to speak of. In steps. */
export function* planningAtTill(
  problem: PlanProblem,
  limits: Limits,
  till: Till,
  report: (progress: Progress) => boolean = () => true,
): Steps<PaidPlan> {
  const plan = yield* paidFor(limits, till, report);
  const start = startOf(problem, limits);
  const needed = withoutIdle(problem, plan.chosen, chosenOf(start));
  const chosen = gentlest(problem, needed, start, till);
  const sums = chosen.map((it) => problem.candidates[it]);
  if (!plan.overspent) till.remember(chosen);
  return {
    ...plan,
    chosen,
    cents: sums.reduce((sum, it) => sum + (it?.cents ?? 0), 0),
    minutes: sums.reduce((sum, it) => sum + (it?.minutes ?? 0), 0),
    after: lossWith(problem, chosen),
    paid: till.cost(chosen),
  };
}

/** Whether no other set spares more than nobody would call a change. */
export const isProved = ({ after, bound }: Pick<Plan, 'after' | 'bound'>): boolean =>
  after - bound <= worthwhile.value + 1e-6;

/** Least worth first, as long as all that is left out together is none to speak of. */
function withoutIdle(
  problem: PlanProblem,
  chosen: readonly number[],
  must: readonly number[],
): readonly number[] {
  const least = lossWith(problem, chosen);
  let kept = chosen;
  for (;;) {
    const [idlest] = kept
      .filter((it) => !must.includes(it))
      .map((mend) => kept.filter((it) => it !== mend))
      .map((others) => ({ others, loss: lossAt(problem, choiceOf(problem, others)) }))
      .sort((a, b) => a.loss - b.loss);
    if (!idlest || idlest.loss - least > slack) return kept;
    kept = idlest.others;
  }
}

function* paidFor(
  limits: Limits,
  till: Till,
  report: (progress: Progress) => boolean,
): Steps<Plan> {
  const { least } = till;
  const first = yield* nearlyThenQuite(least, limits, report);
  const { cents = Infinity } = limits;
  const isHad = (chosen: readonly number[]): boolean =>
    till.cost(chosen) <= cents && till.notToBeHad(chosen).length === 0;
  if (first.overspent || isHad(first.chosen)) return first;
  const start = startOf(least, limits);
  const must = chosenOf(start);
  const firstHad = yield* firstThatIsHad(least, limits, isHad);
  const { minutes = Infinity } = limits;
  const known = [...(firstHad ? [firstHad.chosen] : []), ...till.remembered()]
    .filter((set) => isHad(set) && must.every((it) => set.includes(it)))
    .filter((set) => set.every((it) => start[it] !== barred) && minutesOf(least, set) <= minutes)
    .map((set) => ({ set, loss: lossWith(least, set) }))
    .sort((a, b) => a.loss - b.loss)[0]?.set;
  const refusing = refusalsOf(till, cents, must);
  const most = till.priced() + mostPriced;
  const plan = yield* planning(
    least,
    limits,
    (progress) => report(progress) && till.priced() < most,
    {
      refuses: refusing.refuses,
      isBeyond: (chosen) => till.atLeast(chosen) > cents || refusing.refuses(chosen),
      isNoDearer: till.isNoDearer,
      slack,
      ...(known && { known }),
    },
  );
  // Of what was known the search may have left out what others do as well: it counts whole here.
  const isBehind = known !== undefined && lossWith(least, known) < plan.after - 1e-9;
  const chosen = isBehind ? known : plan.chosen;
  // What must be made is paid for, whatever it takes.
  const overspent = plan.overspent || till.cost(chosen) > cents;
  const bound = refusing.isSure() ? plan.bound : Math.min(plan.bound, first.bound);
  return { ...plan, chosen, overspent, bound };
}

/** First to within what anybody would call a change, then, if that is soon done, the one with least work of all that are as good. */
function* nearlyThenQuite(
  problem: PlanProblem,
  limits: Limits,
  report: (progress: Progress) => boolean,
): Steps<Plan> {
  const nearly = yield* planning(problem, limits, report, { slack });
  const goesOn = (it: Progress): boolean => report(it) && it.nodes < mostForTies;
  const quite = yield* planning(problem, limits, goesOn, { known: nearly.chosen });
  return {
    ...quite,
    bound: Math.max(quite.bound, nearly.bound),
    nodes: quite.nodes + nearly.nodes,
  };
}

const minutesOf = ({ candidates }: PlanProblem, chosen: readonly number[]): number =>
  chosen.reduce((sum, it) => sum + (candidates[it]?.minutes ?? 0), 0);

function* firstThatIsHad(
  problem: PlanProblem,
  limits: Limits,
  isHad: (chosen: readonly number[]) => boolean,
): Steps<Plan | undefined> {
  const { cents } = limits;
  if (cents === undefined) return undefined;
  let best: Plan | undefined;
  for (const share of shares) {
    const within = { ...limits, cents: Math.floor(cents * share) };
    const plan: Plan = yield* planning(problem, within, undefined, { slack });
    const isBetter = !plan.overspent && (!best || plan.after < best.after);
    if (isBetter && isHad(plan.chosen)) best = plan;
  }
  return best;
}

interface Refusals {
  readonly refuses: Refuses;
  /** Nothing was refused that might be had after all. */
  readonly isSure: () => boolean;
}

function refusalsOf(till: Till, cents: number, must: readonly number[]): Refusals {
  const refused: (readonly number[])[] = [];
  let isSure = true;
  return {
    isSure: () => isSure,
    refuses: (chosen) => {
      if (refused.some((set) => set.every((it) => chosen.includes(it)))) return true;
      const missing = till.notToBeHad(chosen).filter((it) => !must.includes(it));
      if (missing.length > 0) {
        refused.push(...missing.map((it) => [it]));
        return true;
      }
      if (till.cost(chosen) <= cents) return false;
      if (till.mayBeLess(chosen, cents)) isSure = false;
      refused.push(chosen);
      return true;
    },
  };
}
