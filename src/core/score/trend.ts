/** How a place has come along: every day it was walked, as it was known then, judged on today's threats. */
import { inDateOrder } from '../place/apply-readings';
import type { Place } from '../place/place';
import type { Walk } from '../place/walk';
import type { Range } from './judge-animal';
import { judge, type Circumstances } from './judge';

export interface TrendPoint {
  readonly date: string;
  readonly hold: Range;
  readonly waysIn: number;
}

/** Holds are compared only at fixed threats: the circumstances (today's) are the same for every point. */
export function trend(
  place: Place,
  walks: readonly Walk[],
  circumstances: Circumstances,
): TrendPoint[] {
  const dates = [...new Set(inDateOrder(walks).map((walk) => walk.date))];
  const today = circumstances.date ?? dates.at(-1);
  return dates.map((date) => {
    const known = walks.filter((walk) => walk.date <= date);
    const judged = judge(place, known, { ...circumstances, ...(today && { date: today }) });
    return { date, hold: judged.hold, waysIn: judged.waysIn.length };
  });
}
