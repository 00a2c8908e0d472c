/** Dig: does this animal get under the ground line? */
import { yesNo, type Skirt } from '../place/bay';
import { groundLineOf } from '../place/ground-line';
import type { Bay, GroundLine } from '../place/place';
import { members } from '../place/possible';
import type { Animal } from '../tables/animals';
import {
  harderDigging,
  nominalSize,
  type DiggingAbility,
  type EnoughAgainstDigging,
} from '../tables/digging';
import { soilFigures, soils, type Soil } from '../tables/soils';
import { choiceAt, lengthAt, meshMembers, memberAt, type Bound } from './bound';
import { layerEffort, type LayerEffort } from './layers';
import { part } from './pass';
import type { DigReason, PartEffort } from './reason';
import {
  addMinutes,
  compareLevels,
  compareMinutes,
  levelOf,
  levelOfRatio,
  minutesOf,
  shifted,
  type EffortLevel,
} from './effort-level';

/**
 * A ground line that meets any sufficient set holds; otherwise the nearest set's worst ratio gives the level. Mesh in the ground that
 * does not stop the animal is gone through on the way, which takes its own time. Rock and hard surface stop digging (never a gap); stony
 * soil is a level better, fresh digging a level worse; a floor of mesh that the animal does not go through ends it. `undefined` where
 * there is nothing to dig under or it does not dig.
 */
export function digEffort(bay: Bay, animal: Animal, bound: Bound): PartEffort | undefined {
  if (!animal.digs || bay.bands.length === 0) return undefined;
  const ground = groundLineOf(bay, bound);
  if (!ground) return undefined;
  const ways = waysUnder(ground, animal, animal.digs, bound);
  const freshDigging = choiceAt(ground.digging, 'ground.digging', yesNo, bound) === 'yes';
  const floor = ground.floor && inGround(ground.floor, animal, bound);
  const under = (way: WayUnder, soil: Soil): Dug => {
    const dug = minutesOf(onSoil(way.ratio, soil, freshDigging, animal.digsAs));
    const down = way.through ? addMinutes(dug, way.through.minutes) : dug;
    const minutes = movedOn(floor ? addMinutes(down, floor.minutes) : down, ground.nights);
    return { soil, way, minutes };
  };
  const { soil, way, minutes } = memberAt(
    members(ground.soil, soils),
    (it) => easiestOf(ways, (known) => under(known, it)),
    (a, b) => compareMinutes(a.minutes, b.minutes),
    bound,
  );
  const stopping = floor?.minutes === null ? stoppingFloor(ground) : undefined;
  const reason: DigReason = {
    kind: 'dig',
    soil,
    depth: way.found.depth,
    outward: way.found.outward,
    enough: way.enough,
    ratio: way.ratio,
    freshDigging,
    ...(way.through && { through: way.through.reason }),
    ...(ground.nights !== undefined && { nights: ground.nights }),
    ...(stopping && { floor: stopping }),
  };
  const { outward, depth } = way.enough;
  const attribute = outward.value > depth.value ? 'skirt.outward' : 'skirt.depth';
  return part(animal, bay.id, { attack: 'dig', minutes, reason }, attribute);
}

interface Dug {
  readonly soil: Soil;
  readonly way: WayUnder;
  readonly minutes: number | null;
}

/** Under it: what is in the ground beside what would be enough, and what of it is gone through instead of round. */
interface WayUnder {
  readonly found: SkirtLengths;
  readonly enough: EnoughAgainstDigging;
  readonly ratio: number;
  readonly through?: LayerEffort;
}

/** Round the mesh in the ground, and through it where that does not stop the animal. */
function waysUnder(
  { skirt }: GroundLine,
  animal: Animal,
  sets: readonly EnoughAgainstDigging[],
  bound: Bound,
): readonly [WayUnder, ...WayUnder[]] {
  const lengths = skirtAt(skirt, bound);
  const mesh = skirt && inGround(skirt.mesh, animal, bound);
  if (!mesh || mesh.minutes === null) return [nearestOf(lengths, lengths, sets)];
  // Where there is none by that name its lengths are none either.
  if (!isOfMesh(mesh)) return [nearestOf(noSkirt, noSkirt, sets)];
  const { enough, ratio } = nearestOf(noSkirt, lengths, sets);
  return [nearestOf(lengths, lengths, sets), { found: lengths, enough, ratio, through: mesh }];
}

/** By which set it comes nearest to enough, counted so long; said as found. */
function nearestOf(
  counted: SkirtLengths,
  found: SkirtLengths,
  [first, ...rest]: readonly EnoughAgainstDigging[],
): WayUnder {
  if (!first) throw new Error('an animal that digs, and nothing is enough');
  let [enough, ratio] = [first, ratioOf(counted, first)];
  for (const it of rest) {
    const own = ratioOf(counted, it);
    if (own > ratio) [enough, ratio] = [it, own];
  }
  return { found, enough, ratio };
}

/** The way that takes least, the first of those alike. */
function easiestOf(
  [first, ...rest]: readonly [WayUnder, ...WayUnder[]],
  under: (way: WayUnder) => Dug,
): Dug {
  let easiest = under(first);
  for (const way of rest) {
    const it = under(way);
    if (compareMinutes(it.minutes, easiest.minutes) < 0) easiest = it;
  }
  return easiest;
}

/** There is mesh, and not nothing by that name. */
const isOfMesh = ({ reason }: LayerEffort): boolean =>
  reason.kind === 'tear' || Number.isFinite(reason.opening);

interface SkirtLengths {
  readonly depth: number;
  readonly outward: number;
}

const noSkirt: SkirtLengths = { depth: 0, outward: 0 };

function skirtAt(skirt: GroundLine['skirt'], bound: Bound): SkirtLengths {
  if (!skirt) return bound === 'best' ? deepest : noSkirt;
  const depth = lengthAt(skirt.depth, 'skirt.depth', bound);
  const tied = choiceAt(skirt.tied, 'skirt.tied', yesNo, bound);
  // An apron that is not tied to the wall leaves a slit to begin in: it counts nothing.
  const outward = tied === 'yes' ? lengthAt(skirt.outward, 'skirt.outward', bound) : 0;
  return { depth, outward };
}

/** Nobody has looked: at best there is all of it. */
const deepest: SkirtLengths = {
  depth: lengthAt(undefined, 'skirt.depth', 'best'),
  outward: lengthAt(undefined, 'skirt.outward', 'best'),
};

/** Mesh or boards in the ground: held by the soil, not pulled off but bitten or passed. */
export function inGround(mesh: Skirt['mesh'], animal: Animal, bound: Bound): LayerEffort {
  const held = { fixing: { is: 'batten' }, condition: { is: 'sound' }, isApart: true } as const;
  return layerEffort({ id: '', mesh }, held, { animal, bound });
}

/** Whether mesh in the ground stops this animal for good. */
export function stopsInGround(mesh: Skirt['mesh'], animal: Animal, bound: Bound): boolean {
  return inGround(mesh, animal, bound).minutes === null;
}

const stoppingFloor = ({ floor }: GroundLine): DigReason['floor'] =>
  floor && 'any' in floor ? 'unread' : meshMembers(floor).find((mesh) => mesh !== 'none');

/** The worst of a set's ratios; 1 where it has all of it, as nominal sizes go. */
export function ratioOf(skirt: SkirtLengths, { depth, outward }: EnoughAgainstDigging): number {
  const share = (have: number, need: number) =>
    have >= need * (1 - nominalSize.value) ? 1 : have / need;
  return Math.min(share(skirt.depth, depth.value), share(skirt.outward, outward.value));
}

/** What takes a whole night is not done where the pen stands no longer: the dig begun is lost. */
function movedOn(minutes: number | null, nights: number | undefined): number | null {
  return levelOf(minutes) === 'night' && nights === 1 ? null : minutes;
}

const easier = (a: EffortLevel, b: EffortLevel): EffortLevel => (compareLevels(a, b) < 0 ? a : b);

function onSoil(
  ratio: number,
  soil: Soil,
  freshDigging: boolean,
  ability: DiggingAbility = 'able',
): EffortLevel {
  const { digging } = soilFigures[soil];
  if (digging === 'never' || ratio >= 1) return 'holds';
  // Who only follows has the way dug for it.
  const own = ability === 'follows' && freshDigging ? 0 : harderDigging[ability].value;
  // However eased, digging takes minutes: there is earth to move.
  const eased = shifted(levelOfRatio(ratio), digging - (freshDigging ? 1 : 0));
  // Slower by nature is not shut out: that is for mesh and ground to do.
  const level = eased === 'holds' ? eased : easier(shifted(eased, own), 'night');
  return level === 'open' ? 'minutes' : level;
}
