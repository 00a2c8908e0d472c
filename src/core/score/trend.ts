/** How a place has come along: every day it was walked, as it was known then, judged on today's threats. */
import { inDateOrder } from '../records/apply-readings';
import type { Place } from '../place/place';
import type { Walk } from '../records/walk';
import type { Range } from './judge-animal';
import { judge, type Circumstances } from './judge';
import { livedScales, lossesOfYear, type Span } from './losses';

/** Hold and ways in after one walk. */
export interface TrendPoint {
  readonly date: string;
  readonly hold: Range;
  readonly waysIn: number;
}

/** Holds are compared only at fixed threats: the circumstances (today's) are the same for every point. `most`: only the last so many. */
export function trend(
  place: Place,
  walks: readonly Walk[],
  circumstances: Circumstances,
  most = Infinity,
): TrendPoint[] {
  const dates = daysWalked(walks).slice(-most);
  const today = circumstances.date ?? dates.at(-1);
  return dates.map((date) => {
    const known = walks.filter((walk) => walk.date <= date);
    const judged = judge(place, known, { ...circumstances, ...(today && { date: today }) });
    return { date, hold: judged.hold, waysIn: judged.waysIn.length };
  });
}

/** Losses of a year as they stood after one walk. */
export interface LossPoint {
  readonly date: string;
  /** Of a year, with how far out the figures may be. */
  readonly band: Span;
}

/** Birds lost in a year as it stood after every day it was walked, all on today's threats and in the same year. */
export function lossTrend(
  place: Place,
  walks: readonly Walk[],
  circumstances: Circumstances,
  year: number,
  most = Infinity,
): LossPoint[] {
  // How it has gone here is weighed once, against the place as it is now.
  const scales = livedScales(place, walks, circumstances, year);
  return daysWalked(walks)
    .slice(-most)
    .map((date) => {
      const known = walks.filter((walk) => walk.date <= date);
      return { date, band: lossesOfYear(place, known, circumstances, year, scales).band };
    });
}

function daysWalked(walks: readonly Walk[]): string[] {
  return [...new Set(inDateOrder(walks).map((walk) => walk.date))];
}
