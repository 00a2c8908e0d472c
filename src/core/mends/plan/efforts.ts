/** What a mend does to each animal's level at the spot it is made for. */
import type { AnimalId } from '../../tables/animals';
import { compareMinutes } from '../../effort/effort-level';
import type { Link, PlanProblem } from './problem';

/** What one mend alone does to an animal's minutes. */
export interface EffortChange {
  readonly animal: AnimalId;
  /** Minutes; `null` holds. As it stands, and with this mend alone. */
  readonly before: number | null;
  readonly after: number | null;
}

/** Animals that get by less quickly at least somewhere it works, each at the spot and in the hours where it was quickest. */
export function effortsBy({ terms }: PlanProblem, mend: number): EffortChange[] {
  const changes = new Map<AnimalId, EffortChange>();
  for (const { animal, links } of terms) {
    for (const link of links) {
      const change = changeAt(link, mend, animal);
      const known = changes.get(animal);
      if (change && (!known || compareMinutes(change.before, known.before) < 0)) {
        changes.set(animal, change);
      }
    }
  }
  return [...changes.values()];
}

function changeAt(
  { mends, states }: Link,
  mend: number,
  animal: AnimalId,
): EffortChange | undefined {
  const bit = mends.indexOf(mend);
  if (bit < 0) return undefined;
  const before = states.find(({ mask }) => mask === 0)?.minutes ?? null;
  const after = states.find(({ mask }) => mask === 1 << bit)?.minutes ?? null;
  return before === after ? undefined : { animal, before, after };
}
