/** What more money brings: the best plan for every sum at which it changes, and the knee, beyond which little is won. */
import type { Steps } from '../../steps';
import type { Limits } from './limits';
import { planningAtTill, type PaidPlan } from './plan-at-till';
import type { PlanProblem } from './problem';
import type { Till } from './till';
import { worthwhile } from './worthwhile';

/** Least losses for a sum; hundredths, birds a year. */
export interface CurvePoint {
  /** What is paid for that plan: with a hundredth less another is the best. */
  readonly cents: number;
  readonly after: number;
  readonly bound: number;
  /** Ids of the candidates. */
  readonly chosen: readonly string[];
}

/** What more money brings. */
export interface Curve {
  /** Each cheaper and worse than the next; the first spends nothing, or what must be spent. */
  readonly points: readonly CurvePoint[];
  /** The place of the knee among them. */
  readonly knee: number;
}

/**
 * From the dearest down: the best for a hundredth less than the one before costs. `limits` without money. `patience`: for every
 * sum anew; where it ends, the best so far stands for that sum. In steps.
 */
export function* curving(
  problem: PlanProblem,
  limits: Omit<Limits, 'cents'>,
  till: Till,
  patience: () => () => boolean = () => () => true,
): Steps<Curve> {
  const plans: PaidPlan[] = [];
  let cents: number | undefined;
  for (;;) {
    const within = cents === undefined ? limits : { ...limits, cents };
    const plan: PaidPlan = yield* planningAtTill(problem, within, till, patience());
    if (plan.overspent) break;
    plans.push(plan);
    if (plan.paid === 0) break;
    cents = plan.paid - 1;
  }
  const points = pointsOf(problem, plans);
  return { points, knee: kneeOf(points) };
}

/** Of plans from the dearest down: those that no cheaper one comes up to, cheapest first. */
function pointsOf(problem: PlanProblem, plans: readonly PaidPlan[]): CurvePoint[] {
  const points: CurvePoint[] = [];
  for (const plan of [...plans].reverse()) {
    const last = points.at(-1);
    if (!last || last.after - plan.after > worthwhile.value) points.push(pointOf(problem, plan));
  }
  return points;
}

/** A plan as a point of the curve. */
export function pointOf({ candidates }: PlanProblem, plan: PaidPlan): CurvePoint {
  const { paid, after, bound, chosen } = plan;
  return { cents: paid, after, bound, chosen: chosen.map((it) => candidates[it]?.id ?? '') };
}

/** The least sum that changes anything: below it every plan is what must be made. `undefined` where none does. */
export const leastOf = ({ points }: Pick<Curve, 'points'>): CurvePoint | undefined => points[1];

/** The point farthest below the straight line from first to last, both axes as shares (a usual rule for the knee of a curve). */
export function kneeOf(points: readonly CurvePoint[]): number {
  const [first, last] = [points[0], points.at(-1)];
  if (!first || !last || points.length < 3) return points.length - 1;
  const [wide, high] = [last.cents - first.cents, first.after - last.after];
  const below = points.map(({ cents, after }) => {
    const along = (cents - first.cents) / wide;
    const down = (first.after - after) / high;
    return down - along;
  });
  return below.indexOf(Math.max(...below));
}
