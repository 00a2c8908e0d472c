/** All starting shapes, in the order in which they are offered. */
import { aFrame } from './a-frame';
import { deck } from './deck';
import { hoop } from './hoop';
import { kennel } from './kennel';
import { lowBox } from './low-box';
import { raised } from './raised';
import { runRound } from './run-round';
import type { StartingShape, ShapeId } from './shape';
import { shed } from './shed';
import { sideBySide } from './side-by-side';
import { strip } from './strip';
import { twoRuns } from './two-runs';

export {
  isLayout,
  shapeIds,
  sizeIds,
  type Layout,
  type StartingShape,
  type ShapeId,
  type ShapeProblem,
  type SizeId,
  type Sizes,
} from './shape';

/** The starting shapes by id. */
export const shapes: Readonly<Record<ShapeId, StartingShape>> = {
  'side-by-side': sideBySide,
  'run-round': runRound,
  raised,
  shed,
  kennel,
  'two-runs': twoRuns,
  strip,
  'a-frame': aFrame,
  deck,
  hoop,
  'low-box': lowBox,
};
