/** The best and the worst member of a set of possible values, as the attribute's order has it. */
import { attributes, limitsOf, type AttributeId } from '../place/attributes';
import type { Layer } from '../place/place';
import { bounds, members, type PossibleChoice, type PossibleLength } from '../place/possible';
import { meshes, meshIds } from '../tables/meshes';

/** For the keeper: `best` takes every unread gap as shut, `worst` as wide open. */
export type Bound = 'best' | 'worst';

/** One end of a length, as the attribute's order has it, mm. */
export function lengthAt(
  possible: PossibleLength | undefined,
  attribute: AttributeId,
  bound: Bound,
): number {
  const [low, high] = bounds(possible, limitsOf(attribute));
  const { better } = attributes[attribute];
  return (bound === 'best') === (better === 'less') ? low : high;
}

/** One end of an ordered choice. */
export function choiceAt<T extends string>(
  possible: PossibleChoice<T> | undefined,
  attribute: AttributeId,
  all: readonly T[],
  bound: Bound,
): T {
  const { better } = attributes[attribute];
  if (typeof better === 'string') throw new Error(`${attribute} has no order of its own`);
  const ordered = better.filter((it) => members(possible, all).includes(it as T)) as T[];
  const end = bound === 'best' ? ordered[0] : ordered[ordered.length - 1];
  if (end === undefined) throw new Error(`${attribute} can be nothing`);
  return end;
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
