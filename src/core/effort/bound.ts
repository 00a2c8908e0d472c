/** The best and the worst member of a set of possible values, as the attribute's order has it. */
import { limitsOf, type AttributeId } from '../place/attributes';
import type { Layer } from '../place/place';
import { bounds, members, type PossibleLength } from '../place/possible';
import { meshes, meshIds } from '../tables/meshes';

/** For the keeper: `best` takes every unread gap as shut, `worst` as wide open. */
export type Bound = 'best' | 'worst';

/** One end of a length whose order is "less is better", mm. */
export function lengthAt(
  possible: PossibleLength | undefined,
  attribute: AttributeId,
  bound: Bound,
): number {
  const [low, high] = bounds(possible, limitsOf(attribute));
  return bound === 'best' ? low : high;
}

/**
 * Smallest clear opening of a layer, mm: as measured, else as the tables have it for the meshes it may be.
 * No mesh at all is as open as an opening can be.
 */
export function clearOpening(layer: Layer, bound: Bound): number {
  const possible = members(layer.mesh, [...meshIds, 'none'] as const);
  const gone = limitsOf('layer.clear')[1];
  if (possible.length === 1 && possible[0] === 'none') return gone;
  if (layer.clear !== undefined && !('any' in layer.clear)) {
    return lengthAt(layer.clear, 'layer.clear', bound);
  }
  const openings = possible.map((id) => (id === 'none' ? gone : meshes[id].clear.value));
  return bound === 'best' ? Math.min(...openings) : Math.max(...openings);
}
