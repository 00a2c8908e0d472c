/** The circumstances a line is worked out in: today's ground, dew, snow and grass, and what would be changed. */
import type { Bound } from '../effort/bound';
import type { Fence } from '../place/fence';
import { isKnown } from '../place/possible';
import { referenceGround, type Ground } from '../tables/fence-ground';
import type { Surface } from '../tables/fence-leaks';

/** How it is today, or would be. */
export interface LineCase {
  readonly ground: Ground;
  /** Of what touches the wires. */
  readonly surface: Surface;
  /** `best`: what nobody has looked at touches nothing; `worst`: all that it can. */
  readonly bound: Bound;
  /** Lying, mm. */
  readonly snow?: number;
  /** Standing under the wires, mm. */
  readonly grass?: number;
}

/** As a place is judged: the ground as it was last said, moist where nobody has; dew on what touches, for that is when most come. */
export function judgedCase({ ground }: Pick<Fence, 'ground'>, bound: Bound): LineCase {
  return { ground: isKnown<Ground>(ground) ? ground.is : referenceGround, surface: 'wet', bound };
}
