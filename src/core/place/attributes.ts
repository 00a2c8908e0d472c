/**
 * Every attribute a walk can read, with what it belongs to, its order (what counts as better) and what is
 * too large to believe. The one place that says which attributes exist.
 */
import { soils, yesNo, type Soil, type YesNo } from './place';
import { latchIds } from '../tables/latches';
import { meshIds } from '../tables/meshes';

export type AttributeId =
  | 'ground.gap'
  | 'ground.gapLifted'
  | 'ground.soil'
  | 'skirt.depth'
  | 'skirt.outward'
  | 'skirt.tied'
  | 'bay.panelPulled'
  | 'bay.largestHole'
  | 'layer.mesh'
  | 'layer.clear'
  | 'opening.gap'
  | 'opening.gapPulled'
  | 'latch.kind';

export interface LengthAttribute {
  readonly value: 'length';
  /** Smaller is better for an opening, more for what keeps diggers out. */
  readonly better: 'less' | 'more';
  /** What such a length can be at all, mm. A reading above it is refused. */
  readonly limits: readonly [low: number, high: number];
}

export interface ChoiceAttribute {
  readonly value: 'choice';
  readonly choices: readonly string[];
  /** Best first; or "none", where the tables decide by figures (a mesh by its clear opening, a latch by its motions). */
  readonly better: readonly string[] | 'none';
}

export type Attribute = LengthAttribute | ChoiceAttribute;

const opening = (high: number): LengthAttribute => ({
  value: 'length',
  better: 'less',
  limits: [0, high],
});

/** A gap wider than this is a missing wall or a slip of the thumb (assumption of ours). */
const widestGap = 1000;
/** Nobody digs a skirt deeper or lays one wider (assumption of ours). */
const deepestSkirt = 2000;
/** No mesh or netting for poultry is coarser (assumption of ours). */
const coarsestMesh = 300;

export const attributes: Readonly<Record<AttributeId, Attribute>> = {
  'ground.gap': opening(widestGap),
  'ground.gapLifted': opening(widestGap),
  // Rock and hard surface stop digging alike.
  'ground.soil': {
    value: 'choice',
    choices: soils,
    better: ['rock', 'hard-surface', 'stony', 'firm', 'soft'] satisfies Soil[],
  },
  'skirt.depth': { value: 'length', better: 'more', limits: [0, deepestSkirt] },
  'skirt.outward': { value: 'length', better: 'more', limits: [0, deepestSkirt] },
  'skirt.tied': { value: 'choice', choices: yesNo, better: ['yes', 'no'] satisfies YesNo[] },
  'bay.panelPulled': opening(widestGap),
  'bay.largestHole': opening(widestGap),
  'layer.mesh': { value: 'choice', choices: [...meshIds, 'none'], better: 'none' },
  'layer.clear': opening(coarsestMesh),
  'opening.gap': opening(widestGap),
  'opening.gapPulled': opening(widestGap),
  'latch.kind': { value: 'choice', choices: [...latchIds, 'none'], better: 'none' },
};

export const attributeIds = Object.keys(attributes) as readonly AttributeId[];

/** Limits of a length attribute, mm. Throws on a choice: a slip of ours, never of a keeper's. */
export function limitsOf(id: AttributeId): readonly [low: number, high: number] {
  const attribute = attributes[id];
  if (attribute.value !== 'length') throw new Error(`${id} is not a length`);
  return attribute.limits;
}
