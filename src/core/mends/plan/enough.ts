/** Where more money stops paying: a far cheaper plan that a keeper could not tell from this one. */
import { ours } from '../../tables/assumptions';
import type { Curve, CurvePoint } from './curve';

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
