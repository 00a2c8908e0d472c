/** What the keeper has said of single mends that cannot all be done. */
import type { Limits } from './limits';
import type { PlanProblem } from './problem';

/** Ids of candidates. */
export interface Clash {
  /** `must` and `wont` of the same mend: it is made. */
  readonly kind: 'must-and-wont' | 'excludes';
  readonly made: string;
  /** The one that is left out for it; the same where it is one mend. */
  readonly instead: string;
}

/** Of two that exclude each other the first in the catalogue's order is made. */
export function clashesOf({ candidates }: PlanProblem, { must = [], wont = [] }: Limits): Clash[] {
  const wanted = candidates.flatMap(({ id }, index) => (must.includes(id) ? [index] : []));
  const left = new Set<number>();
  const clashes: Clash[] = [];
  for (const mend of wanted) {
    const { id, excludes } = candidates[mend] as PlanProblem['candidates'][number];
    if (wont.includes(id)) clashes.push({ kind: 'must-and-wont', made: id, instead: id });
    if (left.has(mend)) continue;
    for (const other of excludes) {
      if (other <= mend || !wanted.includes(other) || left.has(other)) continue;
      left.add(other);
      clashes.push({ kind: 'excludes', made: id, instead: candidates[other]?.id ?? '' });
    }
  }
  return clashes;
}
