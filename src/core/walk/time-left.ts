/** How long a walk will take: by what is still to be asked, and by the pace of the keeper who walks it. */
import type { Walk } from '../records/walk';
import { attributes, type AttributeId } from '../attributes';
import type { Question } from './questions';
import { isMeasuredEachTime } from './same-as';
import type { Stop } from './stops';

/** Seconds a look takes, a figure with tape or gauge, one that is probed for or for which a ladder is moved (stated pace: assumptions of ours). */
export const secondsFor = { look: 4, tape: 12, probeOrLadder: 20 } as const;

/** Fewer readings than these say nothing of a pace; longer breaks than this are no part of it, s (assumptions of ours). */
const enough = 8;
const longestBreak = 90;

/** Between two readings of one stop, s. */
const usualReading = (secondsFor.look + secondsFor.tape) / 2;

/** Minutes for these stops, less what `isDone` says of their questions; at least one while anything is left. */
export function minutesLeft(
  stops: readonly Stop[],
  walk: Pick<Walk, 'readings'> | undefined,
  isDone: (id: string) => boolean,
): number {
  const seen = new Set<AttributeId>();
  const seconds = stops.reduce(
    (sum, stop) =>
      sum +
      secondsAt(
        stop,
        stop.questions.filter(({ id }) => !isDone(id)),
        seen,
      ),
    0,
  );
  if (seconds === 0) return 0;
  return Math.max(1, Math.round((seconds * paceOf(walk)) / 60));
}

/**
 * One look at all that is known, and at all checks; one gauge or tape for the openings nobody has read; of what is alike from bay to bay
 * only the first. `seen`: what other stops have read already.
 */
function secondsAt({ section }: Stop, left: readonly Question[], seen: Set<AttributeId>): number {
  if (left.length === 0) return 0;
  const unread = left.filter(({ answered, attribute }) => !answered && isJudged(attribute));
  const ladder = section === 'overhead' && left.some(({ bay }) => bay !== undefined);
  const gauged = unread.some((question) => isMeasuredEachTime(question));
  const own = unread
    .filter((question) => !isMeasuredEachTime(question))
    .filter(({ attribute }) => !(attributes[attribute].isAlike && seen.has(attribute)));
  for (const { attribute } of own) seen.add(attribute);
  return (
    secondsFor.look +
    (ladder ? secondsFor.probeOrLadder : 0) +
    (gauged ? secondsFor.tape : 0) +
    own.reduce((sum, { attribute }) => sum + usual(attribute), 0)
  );
}

const isJudged = (id: AttributeId): boolean => attributes[id].isJudged;

function usual(id: AttributeId): number {
  if (id === 'skirt.depth') return secondsFor.probeOrLadder;
  return attributes[id].value === 'amount' ? secondsFor.tape : secondsFor.look;
}

/** This keeper's time for a reading against the usual one; between half and three times of it. */
function paceOf(walk: Pick<Walk, 'readings'> | undefined): number {
  const readings = walk?.readings ?? [];
  const gaps = readings.slice(1).flatMap((reading, index) => {
    const seconds = (Date.parse(reading.at) - Date.parse(readings[index]?.at ?? '')) / 1000;
    return seconds > 0 && seconds <= longestBreak ? [seconds] : [];
  });
  if (gaps.length < enough) return 1;
  const mean = gaps.reduce((sum, it) => sum + it, 0) / gaps.length;
  return Math.min(3, Math.max(0.5, mean / usualReading));
}
