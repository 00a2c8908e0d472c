/** What a length means while it is typed: who it lets by, and what would stop them. Same rule as the judgement. */
import { passEffort, verdictOf } from '../effort/pass';
import type { PartEffort } from '../effort/reason';
import type { AttributeId } from '../place/attributes';
import type { ItemId, Place } from '../place/place';
import { animals, type Animal, type AnimalId } from '../tables/animals';

export interface Meaning {
  readonly passes: readonly PartEffort[];
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

export function meaningOf(
  place: Place,
  item: ItemId,
  attribute: AttributeId,
  opening: number,
): Meaning {
  const efforts = livesHere(place).map((animal) => passEffort(animal, item, attribute, opening));
  const verdict = (part: PartEffort) => verdictOf(opening, animals[part.animal].closure);
  return {
    passes: efforts.filter((part) => verdict(part) === 'passes'),
    inDoubt: efforts.filter((part) => verdict(part) === 'in-doubt'),
    stopped: efforts.filter((part) => verdict(part) === 'stopped').map((part) => part.animal),
    stopsAll: closureFor(place.setting.lives),
  };
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
