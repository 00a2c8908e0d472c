/** The lightest way through a bay, and the lightest reach through it; kept for as long as the bay is as it was found. */
import { bayEffort, partWeight } from '../effort/bay-effort';
import type { Bound } from '../effort/bound';
import type { PartEffort } from '../effort/reason';
import type { When } from '../effort/when';
import type { Bay } from '../place/place';
import type { Animal } from '../tables/animals';

export interface BayWay {
  readonly weight: number;
  readonly by: PartEffort;
  /** Every other part of the bay that would let it by as well. */
  readonly also: readonly PartEffort[];
}

export interface BayWays {
  readonly through?: BayWay;
  /** Takes a bird from where it stands on the other side. */
  readonly reach?: BayWay;
}

const kept = new WeakMap<Bay, WeakMap<Animal, Map<string, BayWays>>>();

/** Same bay, animal, bound and circumstances, same answer: so it is worked out once. */
export function bayWays(bay: Bay, animal: Animal, bound: Bound, when: When): BayWays {
  const perAnimal = getOrMake(kept, bay, () => new WeakMap<Animal, Map<string, BayWays>>());
  const perCase = getOrMake(perAnimal, animal, () => new Map<string, BayWays>());
  const key = caseKey(bay, bound, when);
  return getOrMake(perCase, key, () => workOut(bay, animal, bound, when));
}

function getOrMake<K, V>(
  map: { get(key: K): V | undefined; set(key: K, value: V): unknown },
  key: K,
  make: () => V,
): V {
  const known = map.get(key);
  if (known !== undefined) return known;
  const made = make();
  map.set(key, made);
  return made;
}

/** Only what can make a difference to this bay tells cases apart. */
function caseKey(bay: Bay, bound: Bound, { doors, birds, date, line }: When): string {
  const parts: string[] = [bound, birds];
  if (bay.openings.length > 0) parts.push(doors);
  if (date !== undefined && isSeasonal(bay)) parts.push(date);
  if (line && bay.strands.length > 0) parts.push(JSON.stringify(line));
  return parts.join(' ');
}

function isSeasonal({ bands, openings }: Bay): boolean {
  return (
    bands.some(({ layers }) => layers.some(({ on }) => on !== undefined)) ||
    openings.some(({ cover }) => cover?.some(({ on }) => on !== undefined))
  );
}

function workOut(bay: Bay, animal: Animal, bound: Bound, when: When): BayWays {
  const parts = bayEffort(bay, animal, bound, when).filter((part) => part.minutes !== null);
  const through = wayOf(
    parts.filter((part) => part.attack !== 'reach'),
    animal,
  );
  const reach = wayOf(
    parts.filter((part) => part.attack === 'reach'),
    animal,
  );
  return { ...(through && { through }), ...(reach && { reach }) };
}

function wayOf(parts: readonly PartEffort[], animal: Animal): BayWay | undefined {
  const [by, ...also] = parts;
  return by && { weight: partWeight(by, animal), by, also };
}
