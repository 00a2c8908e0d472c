/** How openings stand: fixed, swinging, open by habit, by day or because the round was forgotten. */
import { isFixed } from '../place/opening-cover';
import type { ByDay, Opening, OpeningKind } from '../place/place';
import { fittedLatchIds } from '../place/bay';
import { members } from '../place/possible';
import { catching } from '../tables/latches';
import { apertureOf, type Aperture } from './pass';
import type { Doors } from './when';

/** What it leaves when it is open. */
export const doorwayOf = ({ width, height }: Pick<Opening, 'width' | 'height'>): Aperture =>
  apertureOf(width, height);

/** Doors that want a latch: slides and plugs are judged by their own motion as well. */
const latched: readonly OpeningKind[] = ['gate', 'door', 'hatch', 'nest-lid', 'disused-door'];
const shutByHand: readonly OpeningKind[] = [...latched, 'pop-door', 'pass-through'];

/** Whether a latch is asked for. One that a mend has not yet brought makes no latched door of a slide. */
export function isLatched({ kind, latches }: Opening): boolean {
  return (
    latched.includes(kind) || latches.some(({ kind: it }) => !('is' in it && it.is === 'none'))
  );
}

/** Whether somebody can open it by hand: a door, a slide, a plug, or anything else that a latch holds. */
export function opensByHand(opening: Opening): boolean {
  return shutByHand.includes(opening.kind) || opening.moves !== undefined || isLatched(opening);
}

function byDayOf({ byDay, kind }: Opening): ByDay {
  return byDay ?? (kind === 'pop-door' ? 'open' : 'shut');
}

/** Whether somebody shuts it in the evening round: it stood open by day, or its plug is put back in (unless it stays in by day). */
export function isOfTheRound(opening: Opening): boolean {
  return opening.kind === 'pass-through' ? opening.byDay !== 'shut' : byDayOf(opening) !== 'shut';
}

/** Whether a forgotten round leaves it shut. A spring or cord that has none beside it is judged as gone. */
export function shutsItself({ letGo }: Pick<Opening, 'letGo'>): boolean {
  return letGo === 'falls-shut' || letGo === 'two-closers';
}

/** Whether it has fallen shut by itself, so that nobody has fastened what does not catch. */
export function isUnfastened(opening: Opening, doors: Doors): boolean {
  return doors === 'round-forgotten' && isOfTheRound(opening) && shutsItself(opening);
}

/** Whether a forgotten round leaves it otherwise than it should be: open, or fallen shut with a latch that may be one somebody fastens. */
export function isLeftByRound(opening: Opening): boolean {
  if (!shutsItself(opening)) return true;
  return opening.latches.some(({ kind }) =>
    members(kind, fittedLatchIds).some((it) => it !== 'none' && !catching.includes(it)),
  );
}

/** Whether it stands open, doors being as they are. */
export function standsOpen(opening: Opening, doors: Doors): boolean {
  if (isFixed(opening)) return false;
  switch (doors) {
    case 'as-habit':
      return opening.habit !== 'every-night';
    case 'round-forgotten':
      return opening.habit !== 'every-night' || (isOfTheRound(opening) && !shutsItself(opening));
    case 'by-day':
      return byDayOf(opening) === 'open';
    case 'ranging':
      return byDayOf(opening) !== 'shut';
  }
}
