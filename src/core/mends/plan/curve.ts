/** Birds lost over money: the best plan for a row of sums, and where more money begins to bring little. */
import type { Steps } from '../../steps';
import { planning, type Plan } from './best-plan';
import type { Limits } from './limits';
import { birdsLost } from './loss';
import { choiceOf } from './order';
import type { PlanProblem } from './problem';

/** Least losses for a sum; hundredths, birds a year. */
export interface CurvePoint {
  /** What that plan takes. */
  readonly cents: number;
  readonly after: number;
  readonly bound: number;
  /** Of a flock that cannot lose more than there are. */
  readonly birds: number;
}

/** What more money brings. */
export interface Curve {
  /** Each cheaper and worse than the next; the first spends nothing. */
  readonly points: readonly CurvePoint[];
  /** The place of the knee among them. */
  readonly knee: number;
}

/** Sums tried between nothing and all that is worth spending. */
const steps = 12;

/** `limits` without money. `report`: how many of how many sums are done; false ends it there. */
export function* curving(
  problem: PlanProblem,
  limits: Omit<Limits, 'cents'>,
  report: (done: number, all: number) => boolean = () => true,
  patience: () => boolean = () => true,
): Steps<Curve> {
  const all = yield* planning(problem, limits, patience);
  const plans: Plan[] = [all];
  for (let step = steps - 1; step >= 0; step -= 1) {
    if (!report(steps - step, steps + 1)) break;
    const cents = Math.floor((all.cents * step) / steps);
    plans.unshift(yield* planning(problem, { ...limits, cents }, patience));
  }
  const points: CurvePoint[] = [];
  for (const { cents, after, bound, chosen } of plans) {
    const last = points.at(-1);
    if (!last || (cents > last.cents && after < last.after)) {
      points.push({ cents, after, bound, birds: birdsLost(problem, choiceOf(problem, chosen)) });
    }
  }
  return { points, knee: kneeOf(points) };
}

/** The point farthest below the straight line from first to last, both axes as shares (a usual rule for the knee of a curve). */
export function kneeOf(points: readonly CurvePoint[]): number {
  const [first, last] = [points[0], points.at(-1)];
  if (!first || !last || points.length < 3) return points.length - 1;
  const [wide, high] = [last.cents - first.cents, first.birds - last.birds];
  const below = points.map(({ cents, birds }) => {
    const along = (cents - first.cents) / wide;
    const down = (first.birds - birds) / high;
    return down - along;
  });
  return below.indexOf(Math.max(...below));
}
