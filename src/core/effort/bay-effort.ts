/** What one bay costs one animal: all its parts, each by the attack it gives way to. */
import type { Bay } from '../place/place';
import type { Animal } from '../tables/animals';
import type { Bound } from './bound';
import { digEffort } from './dig';
import { liftEffort } from './lift';
import { openingEffort } from './opening-effort';
import { overEffort } from './over';
import { passBay } from './pass-bay';
import { reachEffort } from './reach';
import { turnedBackAt, type PartEffort } from './reason';
import { compareMinutes } from './rung';
import { isCovered, strandEffect } from './strand';
import { nightShut, type When } from './when';

/** All parts of a bay, the one that weighs least on a route first. */
export function bayEffort(
  bay: Bay,
  animal: Animal,
  bound: Bound,
  when: When = nightShut,
): PartEffort[] {
  const strand = strandEffect(bay, animal, bound, when.line);
  const parts = [
    ...passBay(bay, animal, bound, when),
    digEffort(bay, animal, bound),
    overEffort(bay, animal, bound),
    liftEffort(bay, animal, bound),
    reachEffort(bay, animal, bound, when),
    ...bay.openings.flatMap((opening) => openingEffort(opening, bay, animal, bound, when)),
  ].filter((it) => it !== undefined);
  return parts
    .map((it) => (strand && isCovered(it.attack) ? { ...it, strand } : it))
    .sort((a, b) => compareParts(a, b, animal));
}

function compareParts(a: PartEffort, b: PartEffort, animal: Animal): number {
  if (a.minutes === null || b.minutes === null) return compareMinutes(a.minutes, b.minutes);
  const [first, second] = [partWeight(a, animal), partWeight(b, animal)];
  return first - second || excess(b) - excess(a);
}

/**
 * What a part adds to a route: `minutes / patience − ln(1 − s)`, s the share that strands turn back. `null` holds. A route's
 * chance is `exp` of minus the sum.
 */
export function partWeight(part: PartEffort, animal: Animal): number {
  if (part.minutes === null) throw new Error('a part that holds has no weight');
  return part.minutes / animal.patience.value - Math.log(1 - turnedBackAt(part));
}

/** By how much a part gives way, so that of two open parts the wider comes first. */
function excess({ reason }: PartEffort): number {
  return reason.kind === 'opening' ? reason.over : 0;
}
