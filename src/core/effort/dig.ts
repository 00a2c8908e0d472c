/** Dig: does this animal get under the ground line? */
import { yesNo, type Skirt } from '../place/bay';
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
import { layerEffort } from './layers';
import { part } from './pass';
import type { DigReason, PartEffort } from './reason';
import { compareLevels, minutesOf, levelOfRatio, shifted, type EffortLevel } from './effort-level';

/**
 * A ground line that meets any sufficient set holds; otherwise the nearest set's worst ratio gives the level. Rock and hard
 * surface stop digging (never a gap); stony soil is a level better, fresh digging a level worse; a mesh floor that the animal
 * does not go through ends it. `undefined` where there is nothing to dig under or it does not dig.
 */
export function digEffort(bay: Bay, animal: Animal, bound: Bound): PartEffort | undefined {
  const { ground } = bay;
  if (!ground || !animal.digs || bay.bands.length === 0) return undefined;
  const skirt = skirtAt(ground, animal, bound);
  const [first, ...rest] = animal.digs.map((enough) => ({ enough, ratio: ratioOf(skirt, enough) }));
  if (!first) return undefined;
  const nearest = rest.reduce((best, it) => (it.ratio > best.ratio ? it : best), first);
  const freshDigging = choiceAt(ground.digging, 'ground.digging', yesNo, bound) === 'yes';
  const floor = stoppingFloor(ground, animal, bound);
  const { level, soil } = memberAt(
    members(ground.soil, soils),
    (it) => ({
      soil: it,
      level: floor
        ? 'holds'
        : movedOn(onSoil(nearest.ratio, it, freshDigging, animal.digsAs), ground.nights),
    }),
    (a, b) => compareLevels(a.level, b.level),
    bound,
  );
  const reason: DigReason = {
    kind: 'dig',
    soil,
    ...skirt,
    ...nearest,
    freshDigging,
    ...(ground.nights !== undefined && { nights: ground.nights }),
    ...(floor && { floor }),
  };
  const { outward, depth } = nearest.enough;
  const attribute = outward.value > depth.value ? 'skirt.outward' : 'skirt.depth';
  return part(animal, bay.id, { attack: 'dig', minutes: minutesOf(level), reason }, attribute);
}

interface SkirtLengths {
  readonly depth: number;
  readonly outward: number;
}

const noSkirt: SkirtLengths = { depth: 0, outward: 0 };

function skirtAt({ skirt }: GroundLine, animal: Animal, bound: Bound): SkirtLengths {
  if (!skirt) return bound === 'best' ? deepest : noSkirt;
  if (!stopsInGround(skirt.mesh, animal, bound)) return noSkirt;
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

/** Whether mesh in the ground stops this animal at all. Held by the soil, it is not pulled off; it is bitten or passed. */
export function stopsInGround(mesh: Skirt['mesh'], animal: Animal, bound: Bound): boolean {
  const held = { fixing: { is: 'batten' }, condition: { is: 'sound' }, isApart: true } as const;
  return layerEffort({ id: '', mesh }, held, { animal, bound }).minutes === null;
}

function stoppingFloor({ floor }: GroundLine, animal: Animal, bound: Bound) {
  if (!floor || !stopsInGround(floor, animal, bound)) return undefined;
  return meshMembers(floor).find((mesh) => mesh !== 'none');
}

/** The worst of a set's ratios; 1 where it has all of it, as nominal sizes go. */
export function ratioOf(skirt: SkirtLengths, { depth, outward }: EnoughAgainstDigging): number {
  const share = (have: number, need: number) =>
    have >= need * (1 - nominalSize.value) ? 1 : have / need;
  return Math.min(share(skirt.depth, depth.value), share(skirt.outward, outward.value));
}

/** What takes a whole night is not done where the pen stands no longer: the dig begun is lost. */
function movedOn(level: EffortLevel, nights: number | undefined): EffortLevel {
  return level === 'night' && nights === 1 ? 'holds' : level;
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
