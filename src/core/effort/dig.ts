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
  const { ground } = bay;
  if (!ground || !animal.digs || bay.bands.length === 0) return undefined;
  const ways = waysUnder(ground, animal, animal.digs, bound);
  const freshDigging = choiceAt(ground.digging, 'ground.digging', yesNo, bound) === 'yes';
  const floor = floorAt(ground, animal, bound);
  const quickest = memberAt(
    members(ground.soil, soils),
    (soil) =>
      easiestOf(
        ways.map((way) => {
          const dug = minutesOf(onSoil(way.ratio, soil, freshDigging, animal.digsAs));
          const minutes = [way.through, floor]
            .map((mesh) => (mesh ? mesh.minutes : 0))
            .reduce(addMinutes, dug);
          return { soil, way, minutes: movedOn(minutes, ground.nights) };
        }),
      ),
    (a, b) => compareMinutes(a?.minutes ?? null, b?.minutes ?? null),
    bound,
  );
  if (!quickest) return undefined;
  const { soil, way, minutes } = quickest;
  const { through, ...nearest } = way;
  const stopping = floor?.minutes === null ? stoppingFloor(ground) : undefined;
  const reason: DigReason = {
    kind: 'dig',
    soil,
    ...nearest,
    freshDigging,
    ...(through && isOfMesh(through) && { through: through.reason }),
    ...(ground.nights !== undefined && { nights: ground.nights }),
    ...(stopping && { floor: stopping }),
  };
  const { outward, depth } = nearest.enough;
  const attribute = outward.value > depth.value ? 'skirt.outward' : 'skirt.depth';
  return part(animal, bay.id, { attack: 'dig', minutes, reason }, attribute);
}

/** Under it: what is in the ground beside what would be enough, and what of it is gone through instead of round. */
interface WayUnder extends SkirtLengths {
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
): WayUnder[] {
  const lengths = skirtAt(skirt, bound);
  const mesh = skirt && inGround(skirt.mesh, animal, bound);
  const isThrough = mesh !== undefined && mesh.minutes !== null;
  const found = isThrough && !isOfMesh(mesh) ? noSkirt : lengths;
  const round = nearestOf(found, found, sets);
  const through = nearestOf(noSkirt, found, sets);
  return [
    ...(round ? [round] : []),
    ...(isThrough && through ? [{ ...through, through: mesh }] : []),
  ];
}

/** By which set it comes nearest to enough, counted so long; said as found. */
function nearestOf(
  counted: SkirtLengths,
  found: SkirtLengths,
  sets: readonly EnoughAgainstDigging[],
): WayUnder | undefined {
  return sets
    .map((enough) => ({ ...found, enough, ratio: ratioOf(counted, enough) }))
    .reduce<WayUnder | undefined>(
      (best, it) => (best && best.ratio >= it.ratio ? best : it),
      undefined,
    );
}

const easiestOf = <T extends { readonly minutes: number | null }>(all: readonly T[]) =>
  all.reduce<T | undefined>(
    (best, it) => (best && compareMinutes(best.minutes, it.minutes) <= 0 ? best : it),
    undefined,
  );

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

/** Held by the soil, it is not pulled off; it is bitten or passed. */
function inGround(mesh: Skirt['mesh'], animal: Animal, bound: Bound): LayerEffort {
  const held = { fixing: { is: 'batten' }, condition: { is: 'sound' }, isApart: true } as const;
  return layerEffort({ id: '', mesh }, held, { animal, bound });
}

/** Whether mesh in the ground stops this animal for good. */
export function stopsInGround(mesh: Skirt['mesh'], animal: Animal, bound: Bound): boolean {
  return inGround(mesh, animal, bound).minutes === null;
}

/** What a dig comes up under, if anything is there. */
const floorAt = ({ floor }: GroundLine, animal: Animal, bound: Bound): LayerEffort | undefined =>
  floor && inGround(floor, animal, bound);

const stoppingFloor = ({ floor }: GroundLine) => meshMembers(floor).find((mesh) => mesh !== 'none');

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
