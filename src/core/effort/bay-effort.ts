/** What one bay costs one animal: the easiest of all its parts. */
import type { Bay } from '../place/place';
import type { Animal } from '../tables/animals';
import type { Bound } from './bound';
import { digEffort } from './dig';
import { openingEffort } from './opening-effort';
import { passBay } from './pass-bay';
import type { PartEffort } from './reason';
import { compareRungs } from './rung';

/** All parts of a bay, easiest first. */
export function bayEffort(bay: Bay, animal: Animal, bound: Bound): PartEffort[] {
  const dig = digEffort(bay, animal, bound);
  const parts = [
    ...passBay(bay, animal, bound),
    ...(dig ? [dig] : []),
    ...bay.openings.flatMap((opening) => openingEffort(opening, animal, bound)),
  ];
  return parts.sort((a, b) => compareRungs(a.rung, b.rung) || excess(b) - excess(a));
}

/** By how much a part gives way, so that of two open parts the wider comes first. */
function excess(part: PartEffort): number {
  return part.reason.kind === 'opening' ? part.reason.over : 0;
}
