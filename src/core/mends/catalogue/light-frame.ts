/** A frame that is moved: what is bedded or let in at its edge stays behind, and a hard edge takes no pegs. */
import type { WeakSpot } from '../weak-spot';

/** Whether the bay stands on a frame light enough to have its weight asked. */
export function isLightFrame({ bay }: Pick<WeakSpot, 'bay'>): boolean {
  return bay.ground?.weight !== undefined;
}

/** Whether it stays where it is, so that what is bedded or let in beside it stays with it. */
export function standsFast(weak: Pick<WeakSpot, 'bay'>): boolean {
  return !isLightFrame(weak);
}
