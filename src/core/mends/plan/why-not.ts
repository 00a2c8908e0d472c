/** Why a mend that might be made is not in a plan. */
import { making, noChoice, stateOf, weightIn, type Choice } from './choice';
import type { Plan } from './best-plan';
import { insideOf, lightestWay } from './distance';
import type { Limits } from './limits';
import { lambdaOf, lossAt } from './loss';
import { worthwhile } from './worthwhile';
import type { Link, PlanProblem } from './problem';
import type { AnimalId } from '../../tables/animals';

/** Why a mend is not in the plan. */
export type WhyNot =
  /** The keeper has said so, or it takes longer than one mend may. */
  | { readonly kind: 'wont' }
  | { readonly kind: 'too-long' }
  /** Another way of putting right the same spot is in the plan. */
  | { readonly kind: 'instead'; readonly of: readonly number[] }
  /** No animal gets any less far by it, alone or beside the plan. */
  | { readonly kind: 'nothing' }
  /** It spares too few for anybody to call it a change. */
  | { readonly kind: 'little' }
  /** Beside the plan it would change nothing: this animal comes in there instead. */
  | { readonly kind: 'beside'; readonly animal: AnimalId; readonly links: readonly Link[] }
  /** It would spare this many birds a year, and there is no money or time left for it. */
  | { readonly kind: 'money'; readonly birds: number }
  | { readonly kind: 'time'; readonly birds: number };

/** Birds a year that are nothing. */
const tolerance = 1e-9;

/** Why a candidate, by its place, is not in the plan. */
export function whyNot(
  problem: PlanProblem,
  plan: Pick<Plan, 'chosen' | 'cents' | 'minutes' | 'after'>,
  limits: Limits,
  mend: number,
): WhyNot {
  const option = problem.candidates[mend];
  if (!option) throw new Error(`no candidate ${mend}`);
  if (limits.wont?.includes(option.id)) return { kind: 'wont' };
  if (limits.longest !== undefined && option.minutes > limits.longest) return { kind: 'too-long' };
  const instead = plan.chosen.filter((it) => option.excludes.includes(it));
  if (instead.length > 0) return { kind: 'instead', of: instead };
  const now = plan.chosen.reduce((it, one) => making(problem, it, one), noChoice(problem));
  const after = making(problem, now, mend);
  const birds = lossAt(problem, now) - lossAt(problem, after);
  if (birds <= tolerance) return besides(problem, now, after, mend);
  if (birds <= worthwhile.value) return { kind: 'little' };
  const { minutes = Infinity } = limits;
  // There is money for it by the metre, and yet none for the rolls: that is money too.
  return plan.minutes + option.minutes > minutes
    ? { kind: 'time', birds }
    : { kind: 'money', birds };
}

/** The animal that most comes by a spot it would mend, and by what it comes all the same. */
function besides(problem: PlanProblem, now: Choice, after: Choice, mend: number): WhyNot {
  const own = problem.terms
    .filter((term) => term.links.some((link) => isRaised(link, now, after, mend)))
    .sort((a, b) => lambdaOf(b, now) - lambdaOf(a, now));
  const [first] = own.filter((term) => lambdaOf(term, now) > tolerance);
  if (!first) return { kind: 'nothing' };
  const weights = first.links.map((link) => weightIn(stateOf(link, after), 'weight'));
  const way = lightestWay(first, weights, insideOf(first, weights));
  return { kind: 'beside', animal: first.animal, links: way.map((it) => first.links[it] as Link) };
}

function isRaised(link: Link, now: Choice, after: Choice, mend: number): boolean {
  return (
    link.mends.includes(mend) &&
    weightIn(stateOf(link, after), 'weight') > weightIn(stateOf(link, now), 'weight')
  );
}
