/** One more thing to undo: a two-motion latch, a clip through a hasp, a padlock. */
import type { LatchId } from '../../tables/latches';
import { workTime, type Amount, type CatalogueKind, type CatalogueMend } from './catalogue-mend';

function latchWith(
  kind: CatalogueKind,
  latch: LatchId,
  fittings: Amount,
  minutes: number,
): CatalogueMend {
  return {
    kind,
    term: 'lasting',
    spot: 'latch',
    adds: { latch },
    takes: () => [{ material: latch, count: 1 }, fittings],
    time: () => workTime(minutes),
    cautions: ['keeper-shut-in'],
  };
}

const hasp: Amount = { material: 'hasp', count: 1 };
const screws: Amount = { material: 'screws', count: 4 };

/** A latch that needs two motions. */
export const twoMotionLatch = latchWith('two-motion-latch', 'two-motion', screws, 20);
/** A clip through the hasp. */
export const clipThroughHasp = latchWith('clip-through-hasp', 'clip', hasp, 15);
/** A padlock. */
export const padlock = latchWith('padlock', 'padlock', hasp, 15);
