/** Where more money stops paying: a far cheaper plan that a keeper could not tell from this one. */
import type { Steps } from '../../steps';
import { ours } from '../../tables/assumptions';
import { pointOf, type Curve, type CurvePoint } from './curve';
import type { Limits } from './limits';
import { planningAtTill } from './plan-at-till';
import type { PlanProblem } from './problem';
import type { Till } from './till';

/** Birds a year more, still called nearly as good. */
export const unnoticed = ours(0.1, 'birds', 'One bird in ten years: nobody tells it from chance.');

/** A plan is far cheaper from this share of the other's sum down. */
export const farCheaper = ours(0.7, 'share', 'Less is hardly worth changing a plan for.');

/**
 * The cheapest plan of the curve nearly as good as one that costs `cents` in the shop and leaves `after` birds lost a year.
 * `undefined`: none is that is far cheaper. Its list of mends may be empty.
 */
export function enoughInstead(
  { points }: Pick<Curve, 'points'>,
  { cents, after }: Pick<CurvePoint, 'cents' | 'after'>,
): CurvePoint | undefined {
  const nearly = points.find((it) => it.after - after < unnoticed.value);
  return nearly && nearly.cents <= cents * farCheaper.value ? nearly : undefined;
}

/** Sums are halved until what is enough and what is not lie a twentieth of the dear plan's apart: half a dozen searches. */
const closely = 0.05;

/**
 * The same without the curve, and nearly the cheapest: by halving the sum between what is enough and what is not. One search more
 * where nothing far cheaper is nearly as good. In steps.
 */
export function* lookingForEnough(
  problem: PlanProblem,
  limits: Omit<Limits, 'cents'>,
  till: Till,
  { cents, after }: Pick<CurvePoint, 'cents' | 'after'>,
): Steps<CurvePoint | undefined> {
  let enough: CurvePoint | undefined;
  let tooLittle = -1;
  let sum = Math.floor(cents * farCheaper.value);
  for (;;) {
    const plan = yield* planningAtTill(problem, { ...limits, cents: sum }, till);
    const isEnough = !plan.overspent && plan.after - after < unnoticed.value;
    if (isEnough) enough = pointOf(problem, plan);
    else tooLittle = sum;
    if (!enough || enough.cents - tooLittle <= Math.max(1, cents * closely)) return enough;
    sum = Math.floor((tooLittle + enough.cents) / 2);
  }
}
