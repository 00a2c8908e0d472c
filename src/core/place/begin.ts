/** A new place from a starting shape and its sizes. */
import { begunPlace, type Named } from './begun-place';
import type { Place } from './place';
import { isLayout, shapes, type ShapeId, type ShapeProblem, type Sizes } from './shapes';

/** What a place of a starting shape begins from. */
export interface Beginning extends Named {
  readonly shape: ShapeId;
  /** mm; what the shape does not ask for is not looked at. */
  readonly sizes: Sizes;
}

/** A new place from a starting shape and its sizes, or what stands in the way. */
export function beginPlace(it: Beginning): Place | ShapeProblem {
  const laid = shapes[it.shape].lay(it.sizes);
  return isLayout(laid) ? begunPlace(it, laid) : laid;
}
