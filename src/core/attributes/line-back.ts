/** By what the current comes back to a described line. Of the structure: read where a mend was to change it. */
import { lineReturns, type Fence, type LineReturn } from '../place/fence';
import { is, isKnown, type PossibleChoice } from '../place/possible';
import { choice, onlyOfMends } from './attribute';
import type { Path } from './paths';

/** A line that nobody has described has none to tell of. */
const path: Path<Fence, PossibleChoice<LineReturn>> = {
  get: ({ line }) => line && is(line.back),
  set: (fence, value) =>
    fence.line && isKnown<LineReturn>(value)
      ? { ...fence, line: { ...fence.line, back: value.is } }
      : fence,
};

/** The way back of the current; set by mends. */
export const lineBack = choice('fence', {
  choices: lineReturns,
  better: 'none',
  ...onlyOfMends,
  path,
});
