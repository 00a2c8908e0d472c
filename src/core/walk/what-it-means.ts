/** What a length means while it is typed: who it lets by, and what would stop them. Same rule as the judgement. */
import { digEffort } from '../effort/dig';
import { passEffort } from '../effort/pass';
import type { PartEffort } from '../effort/reason';
import type { AttributeId } from '../place/attributes';
import { findBay } from '../place/find';
import { setAttribute } from '../place/set-attribute';
import type { ItemId, Place } from '../place/place';
import { animals, type Animal, type AnimalId } from '../tables/animals';

export interface Meaning {
  /** Who gets by, by this reading alone. */
  readonly letsBy: readonly PartEffort[];
  /** Judged as stopped, though a stricter figure says otherwise. */
  readonly inDoubt: readonly PartEffort[];
  readonly stopped: readonly AnimalId[];
  /** Shut to this, mm, and nothing that lives here passes; both figures named by the animal that sets them. */
  readonly stopsAll: Target | undefined;
}

export interface Target {
  readonly used: number;
  readonly strict: number;
  /** The animal with the smallest opening. */
  readonly animal: AnimalId;
}

export function meaningOf(place: Place, item: ItemId, attribute: AttributeId, mm: number): Meaning {
  const opening = !attribute.startsWith('skirt.');
  const efforts = livesHere(place).flatMap((animal) =>
    opening
      ? [passEffort(animal, item, attribute, mm)]
      : digWith(setAttribute(place, item, attribute, { is: mm }), item, animal),
  );
  const inDoubt = efforts.filter(
    ({ reason }) => reason.kind === 'opening' && reason.verdict === 'in-doubt',
  );
  return {
    letsBy: efforts.filter((part) => part.minutes !== null),
    inDoubt,
    stopped: efforts
      .filter((part) => part.minutes === null && !inDoubt.includes(part))
      .map((part) => part.animal),
    stopsAll: opening ? closureFor(place.setting.lives) : undefined,
  };
}

/** Digging under the bay as it stands with this reading; what is unread counts as open. */
function digWith(place: Place, item: ItemId, animal: Animal): PartEffort[] {
  const bay = findBay(place, item)?.bay;
  const effort = bay && digEffort(bay, animal, 'worst');
  return effort ? [effort] : [];
}

function livesHere(place: Place): Animal[] {
  return place.setting.lives.map((id) => animals[id]);
}

/** The opening that shuts out all of these, by the figure used and by the stricter one. */
export function closureFor(ids: readonly AnimalId[]): Target | undefined {
  const [first, ...rest] = ids.map((id) => animals[id]);
  if (!first) return undefined;
  const tightest = rest.reduce(
    (kept, animal) =>
      animal.closure.used.value < kept.closure.used.value ||
      (animal.closure.used.value === kept.closure.used.value &&
        animal.closure.strict.value < kept.closure.strict.value)
        ? animal
        : kept,
    first,
  );
  const strict = Math.min(...ids.map((id) => animals[id].closure.strict.value));
  return { used: tightest.closure.used.value, strict, animal: tightest.id };
}
