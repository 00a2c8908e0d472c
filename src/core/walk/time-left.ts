/** How long a walk will take: by what is still to be asked, and by the pace of the keeper who walks it. */
import type { Walk } from '../records/walk';
import { attributes, type AttributeId } from '../attributes';
import type { Stop } from './stops';

/** Seconds a reading takes with what hands do for it, and the steps to the next stop (assumptions of ours). */
export const secondsFor = { amount: 6, choice: 4, check: 3, stop: 8 } as const;

/** Fewer readings than these say nothing of a pace; longer breaks than this are no part of it, s (assumptions of ours). */
const enough = 8;
const longestBreak = 90;

/** An amount, and its share of the steps between two stops, s. */
const usualReading = secondsFor.amount + secondsFor.stop / enough;

/** Minutes for these stops, less what `isDone` says of their questions; at least one while anything is left. */
export function minutesLeft(
  stops: readonly Stop[],
  walk: Pick<Walk, 'readings'> | undefined,
  isDone: (id: string) => boolean,
): number {
  const left = stops.map(({ questions }) => questions.filter(({ id }) => !isDone(id)));
  const seconds = left.reduce(
    (sum, questions) =>
      sum +
      (questions.length > 0 ? secondsFor.stop : 0) +
      questions.reduce((own, { attribute }) => own + usual(attribute), 0),
    0,
  );
  if (seconds === 0) return 0;
  return Math.max(1, Math.round((seconds * paceOf(walk)) / 60));
}

function usual(id: AttributeId): number {
  const { isJudged, value } = attributes[id];
  return isJudged ? secondsFor[value] : secondsFor.check;
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
