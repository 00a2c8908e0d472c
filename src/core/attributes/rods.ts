/** How many earth rods a described line has. Of the structure: read where a mend was to change it. */
import { mostRods, rodsOf, usualRods, type Fence } from '../place/fence';
import { is, isKnown, type PossibleAmount } from '../place/possible';
import { amount, onlyOfMends } from './attribute';
import type { Path } from './paths';

/** A line that nobody has described has none to tell of. */
const path: Path<Fence, PossibleAmount> = {
  get: ({ line }) => line && is((line.rods ?? usualRods).count),
  set: (fence, value) => {
    if (!fence.line || !isKnown<number>(value)) return fence;
    const rods = rodsOf(fence.line.rods ?? usualRods, Math.max(1, Math.floor(value.is)));
    return { ...fence, line: { ...fence.line, rods } };
  },
};

/** Rods in the ground; set by mends. */
export const rods = amount('fence', {
  unit: 'rods',
  better: 'more',
  limits: [1, mostRods],
  usual: [1, 2, 3, 4],
  ...onlyOfMends,
  path,
});
