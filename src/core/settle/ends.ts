/** The two ends of what an unread reading may turn out to be: best for the place, and worst. */
import { attributes, type AttributeId } from '../attributes';
import type { Possible } from '../place/possible';
import type { LatchId } from '../tables/latches';
import type { MeshId } from '../tables/meshes';
import type { Soil } from '../tables/soils';

/** Best and worst. */
export interface Ends {
  readonly best: Possible;
  readonly worst: Possible;
}

/** Lists whose order the tables decide by figures: what stops most, and what stops nothing. */
const byFigures: Readonly<Partial<Record<AttributeId, readonly [best: string, worst: string]>>> = {
  'layer.mesh': ['masonry' satisfies MeshId, 'none'],
  'skirt.mesh': ['welded-6' satisfies MeshId, 'none'],
  'ground.floor': ['masonry' satisfies MeshId, 'none'],
  'latch.kind': ['padlock' satisfies LatchId, 'none'],
  'ground.soil': ['hard-surface' satisfies Soil, 'soft' satisfies Soil],
};

/** `undefined` where it has no order: a wire's height is right or wrong, not more or less. */
export function endsOf(id: AttributeId): Ends | undefined {
  const attribute = attributes[id];
  if (attribute.value === 'amount') {
    const [low, high] = attribute.limits;
    if (attribute.better === 'none') return undefined;
    return attribute.better === 'less' ? ends(low, high) : ends(high, low);
  }
  const own = byFigures[id];
  if (own) return ends(...own);
  const { better } = attribute;
  if (better === 'none') return undefined;
  const [best, worst] = [better[0], better.at(-1)];
  return best === undefined || worst === undefined ? undefined : ends(best, worst);
}

const ends = <T extends number | string>(best: T, worst: T): Ends =>
  ({ best: { is: best }, worst: { is: worst } }) as Ends;
