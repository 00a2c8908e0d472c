/** What a length means while it is typed: who it lets by, and what would stop them. Same rule as the judgement. */
import { digEffort } from '../effort/dig';
import { liftEffort } from '../effort/lift';
import { latchReason } from '../effort/open';
import { exclusionAt, passEffort, strictAt } from '../effort/pass';
import { reachEffort } from '../effort/reach';
import type { PartEffort, OpeningShape, LatchVerdict } from '../effort/reason';
import { nightShut } from '../effort/when';
import { attributes, type AttributeId } from '../attributes';
import { findItem } from '../place/find';
import { setAttribute } from '../records/set-attribute';
import type { Bay, ItemId, Place } from '../place/place';
import { animals, type Animal, type AnimalId } from '../tables/animals';
import type { LatchId } from '../tables/latches';
import { meshes, type MeshId } from '../tables/meshes';

/** What a figure means while it is typed. */
export interface Meaning {
  /** Who gets by, by this reading alone. */
  readonly letsBy: readonly PartEffort[];
  /** Judged as stopped, though a stricter figure says otherwise. */
  readonly inDoubt: readonly PartEffort[];
  readonly stopped: readonly AnimalId[];
  /** Shut to this, mm, and nothing that lives here passes; both figures named by the animal that sets them. */
  readonly stopsAll: ExclusionOpening | undefined;
}

/** Shut to this, mm, all of them are kept out. */
export interface ExclusionOpening {
  readonly used: number;
  readonly strict: number;
  /** The animal with the smallest opening. */
  readonly animal: AnimalId;
}

/** Who a figure lets by, by this reading alone; `value` in the attribute’s unit. */
export function meaningOf(
  place: Place,
  item: ItemId,
  attribute: AttributeId,
  value: number,
): Meaning {
  const shape = shapeOf(attribute);
  const efforts = livesHere(place).flatMap((animal) =>
    partsWith(place, item, attribute, value, animal),
  );
  const inDoubt = efforts.filter(
    ({ reason }) => 'verdict' in reason && reason.verdict === 'in-doubt',
  );
  return {
    letsBy: efforts.filter((part) => part.minutes !== null),
    inDoubt,
    stopped: efforts
      .filter((part) => part.minutes === null && !inDoubt.includes(part))
      .map((part) => part.animal),
    stopsAll: shape && exclusionFor(place.setting.lives, shape),
  };
}

/** Whether an attribute is an opening that a body goes through, and whether as a hole or a slot. */
function shapeOf(id: AttributeId): OpeningShape | undefined {
  const { bears } = attributes[id];
  return bears === 'slot' || bears === 'hole' ? bears : undefined;
}

/** What the bay comes to by the attack this reading bears on; what else is unread there counts as open. */
function partsWith(
  place: Place,
  item: ItemId,
  attribute: AttributeId,
  value: number,
  animal: Animal,
): PartEffort[] {
  const shape = shapeOf(attribute);
  if (shape) {
    return isPulledByHand(attribute) && animal.flies
      ? []
      : [passEffort(animal, item, attribute, value, shape)];
  }
  const bay = findItem(setAttribute(place, item, attribute, { is: value }), item)?.bay;
  const effort = bay && byAttack(attribute, bay, animal);
  return effort ? [effort] : [];
}

/** Read while pulling or lifting: nothing that flies does. */
function isPulledByHand(attribute: AttributeId): boolean {
  return pulledByHand.includes(attribute);
}
const pulledByHand: readonly AttributeId[] = [
  'ground.gapLifted',
  'bay.panelPulled',
  'opening.gapPulled',
];

function byAttack(attribute: AttributeId, bay: Bay, animal: Animal): PartEffort | undefined {
  switch (attributes[attribute].bears) {
    case 'digging':
      return digEffort(bay, animal, 'worst');
    case 'reach':
      return reachEffort(bay, animal, 'worst', nightShut);
    case 'lifting':
      return liftEffort(bay, animal, 'worst');
    default:
      return undefined;
  }
}

/** Who of those that live here goes through sound cover of this kind, by teeth and claws. */
export function tornBy(place: Place, mesh: MeshId): AnimalId[] {
  const { strength } = meshes[mesh];
  return livesHere(place)
    .filter(({ tears }) => tears.breaks.value >= strength.value)
    .map(({ id }) => id);
}

/** Who of those that live here gets a door open that this alone holds shut. */
export function openedBy(place: Place, latch: LatchId | 'none'): AnimalId[] {
  const shut = latch === 'none' ? [] : [latch];
  return livesHere(place)
    .filter((animal) => opens.includes(latchReason(shut, animal).verdict))
    .map(({ id }) => id);
}

const opens: readonly LatchVerdict[] = [
  'unlatched-dropped',
  'unlatched-pushed',
  'unlatched-nosed',
  'unlatched-moved',
  'one-motion',
  'forced',
];

function livesHere(place: Place): Animal[] {
  return place.setting.lives.map((id) => animals[id]);
}

/** The opening that shuts out all of these, by the figure used and by the stricter one; a slot unless it is told to be a hole. */
export function exclusionFor(
  ids: readonly AnimalId[],
  shape: OpeningShape = 'slot',
): ExclusionOpening | undefined {
  const figures = ids.map((id) => {
    const { exclusion } = animals[id];
    const long = shape === 'slot' ? Infinity : 0;
    const used = exclusionAt(exclusion, long).value;
    return { animal: id, used, strict: strictAt(exclusion, long).value };
  });
  const [first, ...rest] = figures;
  if (!first) return undefined;
  const tightest = rest.reduce(
    (kept, it) =>
      it.used < kept.used || (it.used === kept.used && it.strict < kept.strict) ? it : kept,
    first,
  );
  return { ...tightest, strict: Math.min(...figures.map(({ strict }) => strict)) };
}
