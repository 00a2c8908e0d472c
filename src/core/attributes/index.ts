/**
 * Every attribute a walk can read, by its id in files and records. The one place that says which there are; within a kind of item in the
 * order in which they are asked.
 */
import type { Attribute, AttributeOf, ItemKind, Unit } from './attribute';
import { air } from './air';
import { baseTimber } from './base-timber';
import { battery } from './battery';
import { bayVolts } from './bay-volts';
import { bottomEdgeLifted } from './bottom-edge-lifted';
import { branches } from './branches';
import { byDay } from './by-day';
import { clearOpening } from './clear-opening';
import { condition } from './condition';
import { cover } from './cover';
import { crossed } from './crossed';
import { doorCondition } from './door-condition';
import { doorFixing } from './door-fixing';
import { coverNear } from './cover-near';
import { dugInside } from './dug-inside';
import { earthVolts } from './earth-volts';
import { eaves } from './eaves';
import { fixing } from './fixing';
import { food } from './food';
import { frameWeight } from './frame-weight';
import { freshDigging } from './fresh-digging';
import { freshSign } from './fresh-sign';
import { groundGap } from './ground-gap';
import { groundToday } from './ground-today';
import { habit } from './habit';
import { heads } from './heads';
import { heatLamp } from './heat-lamp';
import { hides } from './hides';
import { hinges } from './hinges';
import { hooked } from './hooked';
import { joinedFence } from './joined-fence';
import { largestHole } from './largest-hole';
import { latch } from './latch';
import { lineBack } from './line-back';
import { latchForce } from './latch-force';
import { leaning } from './leaning';
import { letsGo } from './lets-go';
import { shutBy } from './shut-by';
import { openVolts } from './open-volts';
import { openingCorners } from './opening-corners';
import { openingGap } from './opening-gap';
import { overhang } from './overhang';
import { pegs } from './pegs';
import { pullTest } from './pull-test';
import { restVolts } from './rest-volts';
import { rods } from './rods';
import { roofLoad } from './roof-load';
import { roost } from './roost';
import { seasonalCover } from './seasonal-cover';
import { shutAsAtDusk } from './shut-as-at-dusk';
import { shutTook } from './shut-took';
import { skirtDepth } from './skirt-depth';
import { skirtMesh } from './skirt-mesh';
import { skirtOutward } from './skirt-outward';
import { skirtTied } from './skirt-tied';
import { soil } from './soil';
import { square } from './square';
import { strandHeight } from './strand-height';
import { strandStandOff } from './strand-stand-off';
import { strandTouching } from './strand-touching';
import { switchedOn } from './switched-on';
import { topEdge } from './top-edge';
import { vermin } from './vermin';
import { volts } from './volts';
import { voltsNear } from './volts-near';
import { warningSigns } from './warning-signs';
import { wayOut } from './way-out';
import { wireThickness } from './wire-thickness';
import { wireFloor } from './wire-floor';

const registry = {
  'ground.gap': groundGap,
  'ground.gapLifted': bottomEdgeLifted,
  'ground.soil': soil,
  'ground.weight': frameWeight,
  'ground.pegs': pegs,
  'ground.timber': baseTimber,
  'ground.digging': freshDigging,
  'ground.floor': wireFloor,
  'skirt.depth': skirtDepth,
  'skirt.outward': skirtOutward,
  'skirt.mesh': skirtMesh,
  'skirt.tied': skirtTied,
  'bay.fixing': fixing,
  'bay.condition': condition,
  'bay.panelPulled': pullTest,
  'bay.largestHole': largestHole,
  'bay.roost': roost,
  'top.kind': topEdge,
  'top.width': overhang,
  'layer.mesh': cover,
  'layer.clear': clearOpening,
  'layer.wire': wireThickness,
  'layer.fixing': doorFixing,
  'layer.condition': doorCondition,
  'opening.gap': openingGap,
  'opening.gapPulled': openingCorners,
  'opening.hinges': hinges,
  'opening.crossed': crossed,
  'opening.hooked': hooked,
  'opening.letGo': letsGo,
  'opening.shutBy': shutBy,
  'opening.habit': habit,
  'opening.byDay': byDay,
  'latch.kind': latch,
  'strand.height': strandHeight,
  'strand.standOff': strandStandOff,
  'strand.touching': strandTouching,
  'strand.volts': bayVolts,
  'fence.open': openVolts,
  'fence.volts': volts,
  'fence.ground': groundToday,
  'fence.rods': rods,
  'fence.back': lineBack,
  'check.cover': coverNear,
  'check.leaning': leaning,
  'check.branches': branches,
  'check.food': food,
  'check.sign': freshSign,
  'check.dressed': seasonalCover,
  'check.force': latchForce,
  'check.eaves': eaves,
  'check.load': roofLoad,
  'check.voltsNear': voltsNear,
  'check.earth': earthVolts,
  'check.battery': battery,
  'check.restVolts': restVolts,
  'check.on': switchedOn,
  'check.signs': warningSigns,
  'check.joined': joinedFence,
  'check.square': square,
  'check.dugInside': dugInside,
  'check.vermin': vermin,
  'check.hides': hides,
  'check.air': air,
  'check.lamp': heatLamp,
  'check.wayOut': wayOut,
  'check.shut': shutAsAtDusk,
  'check.heads': heads,
  'check.shutTook': shutTook,
} as const;

type Registry = typeof registry;

/** Id of an attribute, as files and records have it. */
export type AttributeId = keyof Registry;

/** Those that are judged. */
export type JudgedId = {
  [Id in AttributeId]: Registry[Id]['isJudged'] extends true ? Id : never;
}[AttributeId];

/** What a walk looks at beside the readings that are judged: seen, recorded, compared with last time. */
export type CheckId = Exclude<AttributeId, JudgedId>;

/** Those that are a number with its unit. */
export type AmountId = {
  [Id in AttributeId]: Registry[Id]['value'] extends 'amount' ? Id : never;
}[AttributeId];

/** Those that are one of several. */
export type ChoiceId = Exclude<AttributeId, AmountId>;

/** The choices of one of these. */
export type ChoicesOf<Id extends ChoiceId> = Registry[Id] extends {
  readonly choices: readonly (infer C extends string)[];
}
  ? C
  : never;

/** Every attribute by its id. */
export const attributes: Readonly<Record<AttributeId, Attribute>> = registry;

/** Ids of all attributes, in the registry’s order. */
export const attributeIds = Object.keys(registry) as readonly AttributeId[];

/** Whether it is kept and compared, never judged. */
export const isCheck = (id: AttributeId): id is CheckId => !attributes[id].isJudged;

/** An attribute with its id. */
export type Listed<K extends ItemKind> = AttributeOf<K> & { readonly id: AttributeId };

/** All of one kind of item, in the order in which they are asked. */
export function attributesOf<K extends ItemKind>(kind: K): readonly Listed<K>[] {
  return listed[kind];
}

const listedOf = <K extends ItemKind>(kind: K): readonly Listed<K>[] =>
  attributeIds.flatMap((id) => {
    const attribute = attributes[id];
    return isOf(attribute, kind) ? [{ id, ...attribute }] : [];
  });

/** Whether readings of it are of that kind of item. */
export function isOf<K extends ItemKind>(
  attribute: Attribute,
  kind: K,
): attribute is Extract<Attribute, AttributeOf<K>> {
  return attribute.of === kind;
}

const listed: { readonly [K in ItemKind]: readonly Listed<K>[] } = {
  bay: listedOf('bay'),
  layer: listedOf('layer'),
  opening: listedOf('opening'),
  latch: listedOf('latch'),
  strand: listedOf('strand'),
  fence: listedOf('fence'),
  zone: listedOf('zone'),
  place: listedOf('place'),
  flock: listedOf('flock'),
};

/** Limits of an amount, in its unit. Throws on a choice: a slip of ours, never of a keeper's. */
export function limitsOf(id: AmountId): readonly [low: number, high: number] {
  const attribute = attributes[id];
  if (attribute.value !== 'amount') throw new Error(`${id} is not an amount`);
  return attribute.limits;
}

/** Whether it is a number with a unit. */
export const isAmountId = (id: AttributeId): id is AmountId => attributes[id].value === 'amount';

/** The unit of an amount; choices have none, and what is said of them is a length (a mesh's clear opening). */
export function unitOf(id: AttributeId): Unit {
  const attribute = attributes[id];
  return attribute.value === 'amount' ? attribute.unit : 'mm';
}
