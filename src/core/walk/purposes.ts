/** What short walks ask, and what they leave out. */
import { allBays } from '../place/find';
import type { BayId, Fence, Place } from '../place/place';
import type { Walk, WalkPurpose } from '../records/walk';
import type { WayIn } from '../routes/ways-in';
import { attributes } from '../attributes';
import { isStrung } from '../place/strand-there';
import { questionsOf, type Question } from './questions';

/** Whether a walk of this kind asks it. */
export function isAsked(
  { purpose, bays = [], asks = [] }: Pick<Walk, 'purpose' | 'bays' | 'asks'>,
  asked: Question,
): boolean {
  if (purpose === undefined || purpose === 'full') return true;
  if (purpose === 'settle') return asks.includes(asked.id);
  const { isJudged, shortWalks, of } = attributes[asked.attribute];
  // A pen that has moved is walked round once, and what stands fast beside it has not moved.
  if (purpose === 'moved' && of === 'bay' && asked.frame !== 'first') return false;
  if (shortWalks.includes(purpose)) return true;
  // What was weak is asked of weak bays, all that is judged; after a loss so is where it most likely came in.
  return (
    (purpose === 'weak' || purpose === 'loss') &&
    isJudged &&
    asked.bay !== undefined &&
    bays.includes(asked.bay)
  );
}

/** The walks a found place can be given now: no short walk where it would ask nothing of its own. */
export function purposesOf(place: Place, ways: readonly WayIn[]): WalkPurpose[] {
  const hasWeak = weakBays(place, ways).length > 0;
  return [
    'full',
    ...(hasWeak ? (['weak'] as const) : []),
    'storm',
    'loss',
    ...(hasLine(place) ? ofLine(place.fence) : []),
    ...(place.zones.some(({ moves }) => moves !== undefined) ? (['moved'] as const) : []),
  ];
}

/** Of a line that is described its earth and its battery are tested by themselves. */
function ofLine(fence: Fence | undefined): WalkPurpose[] {
  const energizer = fence?.line?.energizer;
  return [
    'fence',
    ...(energizer ? (['earth'] as const) : []),
    ...(energizer?.battery ? (['battery'] as const) : []),
  ];
}

const hasLine = (place: Place): boolean => place.fence !== undefined && isStrung(place);

/** Bays of these ways in and slow ways, and bays with a question nobody has answered. */
export function weakBays(place: Place, ways: readonly WayIn[]): BayId[] {
  const open = new Set(ways.flatMap(({ bays }) => bays));
  const unread = new Set(
    questionsOf(place)
      .filter(({ answered }) => !answered)
      .flatMap(({ bay }) => bay ?? []),
  );
  return allBays(place)
    .map(({ bay }) => bay.id)
    .filter((id) => open.has(id) || unread.has(id));
}
