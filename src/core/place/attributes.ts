/**
 * Every attribute a walk can read, with what it belongs to, its order (what counts as better) and what is
 * too large to believe. The one place that says which attributes exist.
 */
import { conditions, fixings } from '../tables/fixings';
import { latchIds } from '../tables/latches';
import { meshIds } from '../tables/meshes';
import { touching } from '../tables/shocking';
import { soils } from '../tables/soils';
import { habits, letGos, topKinds, yesNo, type YesNo } from './bay';
import { amountChecks, choiceChecks, type CheckId } from './checks';

export type AttributeId =
  | 'ground.gap'
  | 'ground.gapLifted'
  | 'ground.soil'
  | 'ground.digging'
  | 'ground.floor'
  | 'ground.weight'
  | 'ground.pegs'
  | 'skirt.mesh'
  | 'skirt.depth'
  | 'skirt.outward'
  | 'skirt.tied'
  | 'bay.panelPulled'
  | 'bay.largestHole'
  | 'bay.fixing'
  | 'bay.condition'
  | 'bay.roost'
  | 'layer.mesh'
  | 'layer.clear'
  | 'opening.gap'
  | 'opening.gapPulled'
  | 'latch.kind'
  | 'strand.height'
  | 'strand.standOff'
  | 'strand.touching'
  | 'fence.volts'
  | 'top.kind'
  | 'top.width'
  | 'opening.letGo'
  | 'opening.habit'
  | CheckId;

export type AmountUnit = 'mm' | 'kg' | 'kV' | 'birds' | 'min';

/** A number; most are lengths. */
export interface LengthAttribute {
  readonly value: 'length';
  readonly unit: AmountUnit;
  /** Smaller is better for an opening, more for what keeps diggers out; a strand's height has a right value, no order. */
  readonly better: 'less' | 'more' | 'none';
  /** What such a number can be at all. A reading above it is refused. */
  readonly limits: readonly [low: number, high: number];
}

export interface ChoiceAttribute {
  readonly value: 'choice';
  readonly choices: readonly string[];
  /** Best first; or "none", where the tables decide by figures (a mesh by its clear opening, a latch by its motions). */
  readonly better: readonly string[] | 'none';
}

export type Attribute = LengthAttribute | ChoiceAttribute;

function length(
  better: LengthAttribute['better'],
  high: number,
  unit: LengthAttribute['unit'] = 'mm',
): LengthAttribute {
  return { value: 'length', unit, better, limits: [0, high] };
}

function choice(choices: readonly string[], better: ChoiceAttribute['better']): ChoiceAttribute {
  return { value: 'choice', choices, better };
}

/** A gap wider than this is a missing wall or a slip of the thumb (assumption of ours). */
const widestGap = 1000;
/** Nobody digs a skirt deeper or lays one wider (assumption of ours). */
const deepestSkirt = 2000;
/** No mesh or netting for poultry is coarser (assumption of ours). */
const coarsestMesh = 300;
/** No frame that is moved by hand weighs more, kg (assumption of ours). */
const heaviestFrame = 1000;
/** No peg is longer (assumption of ours). */
const longestPeg = 1000;
/** No roost stands farther from its wall (assumption of ours). */
const farthestRoost = 5000;
/** No bear wire is higher (assumption of ours). */
const highestStrand = 2500;
/** No energizer for stock gives more, kV (assumption of ours). */
const mostVolts = 15;
/** No overhang is wider (assumption of ours). */
const widestOverhang = 2000;

export const attributes: Readonly<Record<AttributeId, Attribute>> = {
  'ground.gap': length('less', widestGap),
  'ground.gapLifted': length('less', widestGap),
  // No order: a slab stops digging, and takes no pegs.
  'ground.soil': choice(soils, 'none'),
  'ground.digging': choice(yesNo, ['no', 'yes'] satisfies YesNo[]),
  'ground.floor': choice([...meshIds, 'none'], 'none'),
  'ground.weight': length('more', heaviestFrame, 'kg'),
  'ground.pegs': length('more', longestPeg),
  'skirt.mesh': choice([...meshIds, 'none'], 'none'),
  'skirt.depth': length('more', deepestSkirt),
  'skirt.outward': length('more', deepestSkirt),
  'skirt.tied': choice(yesNo, ['yes', 'no'] satisfies YesNo[]),
  'bay.panelPulled': length('less', widestGap),
  'bay.largestHole': length('less', widestGap),
  'bay.fixing': choice(fixings, fixings),
  'bay.condition': choice(conditions, conditions),
  'bay.roost': length('more', farthestRoost),
  'layer.mesh': choice([...meshIds, 'none'], 'none'),
  'layer.clear': length('less', coarsestMesh),
  'opening.gap': length('less', widestGap),
  'opening.gapPulled': length('less', widestGap),
  'latch.kind': choice([...latchIds, 'none'], 'none'),
  'strand.height': length('none', highestStrand),
  'strand.standOff': length('none', widestGap),
  'strand.touching': choice(touching, touching),
  'fence.volts': length('more', mostVolts, 'kV'),
  // Of the structure: read where a mend was to change them.
  'top.kind': choice(topKinds, 'none'),
  'top.width': length('more', widestOverhang),
  'opening.letGo': choice(letGos, letGos),
  'opening.habit': choice(habits, habits),
  ...checkAttributes(),
};

function checkAttributes(): Record<CheckId, Attribute> {
  const choices = Object.entries(choiceChecks).map(([id, answers]) => [
    id,
    choice(answers, id === 'check.dressed' ? 'none' : answers),
  ]);
  const amounts = Object.entries(amountChecks).map(([id, { unit, better, most }]) => [
    id,
    length(better, most, unit),
  ]);
  return Object.fromEntries([...choices, ...amounts]) as Record<CheckId, Attribute>;
}

export const attributeIds = Object.keys(attributes) as readonly AttributeId[];

/** Limits of a length attribute. Throws on a choice: a slip of ours, never of a keeper's. */
export function limitsOf(id: AttributeId): readonly [low: number, high: number] {
  const attribute = attributes[id];
  if (attribute.value !== 'length') throw new Error(`${id} is not a length`);
  return attribute.limits;
}
