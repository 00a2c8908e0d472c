/** How openings stand: fixed, swinging, open by habit, by day or because the round was forgotten. */
import type { ByDay, Opening, OpeningKind } from '../place/place';
import type { Doors } from './when';

/** Openings that swing and need a latch. A pop door that slides is lifted: what pulling it opens is read. */
const swinging: readonly OpeningKind[] = ['gate', 'door', 'hatch', 'nest-lid', 'disused-door'];

/** A latch that a mend has not yet brought makes no door of a slide. */
export function isSwinging({ kind, latches }: Opening): boolean {
  return (
    swinging.includes(kind) || latches.some(({ kind: it }) => !('is' in it && it.is === 'none'))
  );
}

const fixable: readonly OpeningKind[] = ['vent', 'window', 'hole', 'seam'];

/** A vent, window, hole or seam that nobody shuts: its cover is all there is. */
export function isFixed(opening: Opening): boolean {
  return opening.shutBy === 'nobody' && fixable.includes(opening.kind);
}

function byDayOf({ byDay, kind }: Opening): ByDay {
  return byDay ?? (kind === 'pop-door' ? 'open' : 'shut');
}

/** Whether somebody shuts it in the evening round: it stood open by day, or its plug is put back in. */
export function isOfTheRound(opening: Opening): boolean {
  return opening.kind === 'pass-through' || byDayOf(opening) !== 'shut';
}

/** Whether it stands open, doors being as they are. */
export function standsOpen(opening: Opening, doors: Doors): boolean {
  if (isFixed(opening)) return false;
  switch (doors) {
    case 'as-habit':
      return opening.habit !== 'every-night';
    case 'round-forgotten':
      return (
        opening.habit !== 'every-night' || (isOfTheRound(opening) && opening.letGo !== 'falls-shut')
      );
    case 'by-day':
      return byDayOf(opening) === 'open';
    case 'ranging':
      return byDayOf(opening) !== 'shut';
  }
}
