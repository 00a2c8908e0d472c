/** What flocks lose to something from outside, and how much the tables are worth beside what a keeper has lived through. */
import { ours } from './assumptions';
import { ranging, type Figure } from './figure';

/** Share of free-ranging hens lost in a year. */
export const ordinaryLoss: Figure = ranging(
  {
    value: 0.03,
    unit: 'share',
    source: 'free-range-losses',
    mark: 'published',
    note: 'Free-range flocks: of the order of 2–4 % a year; none of the figures is safe until it is read again.',
  },
  0.02,
  0.04,
);

/** Bird-years that the tables count as when what was lost is weighed against them. */
export const priorBirdYears = ours(
  40,
  'bird-years',
  'As if forty birds had been watched for a year: with ordinary losses about one loss seen.',
);

/** The gamma shape that stands for it: losses as good as seen. */
export const priorLosses = priorBirdYears.value * ordinaryLoss.value;

/** Shares of a flock in a year at which words for losses change (assumptions of ours round the published 2–4 %). */
export const lossRanks = [
  ['next-to-none', 0.01],
  ['ordinary', 0.05],
  ['more-than-most', 0.15],
  ['many', 0.5],
  ['most', Infinity],
] as const;
/** How many are lost, as a rank. */
export type LossRank = (typeof lossRanks)[number][0];

/** The rank of a share of the flock lost in a year, 0 to 1. */
export function lossRankOf(share: number): LossRank {
  return lossRanks.find(([, below]) => share < below)?.[0] ?? 'most';
}
