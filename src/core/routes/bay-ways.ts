/** The lightest way through a bay, and the lightest reach through it. */
import { partWeight, passableParts } from '../effort/bay-effort';
import type { Bound } from '../effort/bound';
import { turnedBackAt, type PartEffort } from '../effort/reason';
import type { When } from '../effort/when';
import { isAllRead } from '../records/is-all-read';
import { answersBy, getOrMake } from '../memo';
import type { Bay } from '../place/place';
import type { Animal } from '../tables/animals';

/** A way through a bay for one animal. */
export interface BayWay {
  readonly bay: Bay;
  readonly weight: number;
  readonly minutes: number;
  readonly turnedBack: number;
  readonly by: PartEffort;
  /** Every other part of the bay that would let it by as well. */
  readonly also: readonly PartEffort[];
}

/** The lightest way through a bay, and the lightest reach through it. */
export interface BayWays {
  readonly through?: BayWay;
  /** Takes a bird from where it stands on the other side. */
  readonly reach?: BayWay;
}

const answers = answersBy<Bay, WeakMap<Animal, Map<string, BayWays>>>();

/** Same bay, animal, bound and circumstances, same answer: so it is worked out once. */
export function bayWays(bay: Bay, animal: Animal, bound: Bound, when: When): BayWays {
  const perAnimal = getOrMake(answers, bay, () => new WeakMap<Animal, Map<string, BayWays>>());
  const perCase = getOrMake(perAnimal, animal, () => new Map<string, BayWays>());
  const key = caseKey(bay, animal, bound, when);
  return getOrMake(perCase, key, () => workOut(bay, animal, bound, when));
}

/** Only what can make a difference to this bay and animal tells cases apart. */
function caseKey(bay: Bay, animal: Animal, bound: Bound, when: When): string {
  const { doors, birds, date, line } = when;
  let key: string = isAllRead(bay) && !line ? 'read' : bound;
  if (animal.reaches) key += birds;
  if (bay.openings.length > 0) key += doors;
  if (date !== undefined && isSeasonal(bay)) key += date;
  if (line && isWired(bay)) key += JSON.stringify(line);
  return key;
}

/** True where something about it is on for a part of the year only. */
export function isSeasonal({ bands, openings }: Bay): boolean {
  return (
    bands.some(({ layers }) => layers.some(({ on }) => on !== undefined)) ||
    openings.some(({ cover }) => cover?.some(({ on }) => on !== undefined))
  );
}

/** True where a line turns something back, at its own foot or at that of the walls below. */
export function isWired({ strands, below }: Bay): boolean {
  return strands.length > 0 || below !== undefined;
}

const noWays: BayWays = {};

function workOut(bay: Bay, animal: Animal, bound: Bound, when: When): BayWays {
  const parts = passableParts(bay, animal, bound, when);
  if (parts.length === 0) return noWays;
  const wayOf = (which: readonly PartEffort[]): BayWay | undefined => {
    const [by, ...also] = which;
    if (!by || by.minutes === null) return undefined;
    const weight = partWeight(by, animal);
    return { bay, weight, minutes: by.minutes, turnedBack: turnedBackAt(by), by, also };
  };
  const through = wayOf(parts.filter((part) => part.attack !== 'reach'));
  const reach = wayOf(parts.filter((part) => part.attack === 'reach'));
  return { ...(through && { through }), ...(reach && { reach }) };
}
