/** Tries at the birds: the share of an animal's visits that turn into one, moved by hunger in the season, young to feed, and feed lying about. */
import type { Place } from '../place/place';
import type { Animal } from '../tables/animals';
import { feedTimes, leanTimes, youngTimes } from '../tables/attempting';
import { months, northernMonth } from './visits';

/** Share of visits that become a try on a day, 0 to 1; without a day the mean of the year. */
export function shareThatTry({ setting }: Place, animal: Animal, date?: string): number {
  const { share, young, lean } = animal.attempting;
  const isCalledByFeed =
    setting.near.includes('feed-left-out') &&
    (animal.taking.feed || animal.coming.drawnBy.includes('feed-left-out'));
  const about = share.value * (isCalledByFeed ? feedTimes.value : 1);
  const inMonth = (month: number): number => {
    const northern = northernMonth(setting.region, month);
    const times =
      (young.includes(northern) ? youngTimes.value : 1) *
      (lean.includes(northern) ? leanTimes.value : 1);
    return Math.min(1, about * times);
  };
  if (date !== undefined) return inMonth(Number(date.slice(5, 7)));
  return months.reduce((sum, month) => sum + inMonth(month), 0) / months.length;
}
