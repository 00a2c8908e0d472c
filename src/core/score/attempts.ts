/** Tries at the birds: the share of an animal's visits that turn into one, moved by hunger in the season, young to feed, and feed lying about. */
import type { Place } from '../place/place';
import { aboutAnimals, type LogEntry } from '../records/sighting';
import type { Animal } from '../tables/animals';
import { feedTimes, leanTimes, youngTimes } from '../tables/attempting';
import { daysLater } from '../schema/day';
import { northernMonth } from '../tables/regions';
import { months } from './visits';

/** Share of visits that become a try on a day, 0 to 1; without a day the mean of the year. Young that were noticed near count as long as they are fed. */
export function shareThatTry(
  { setting }: Place,
  animal: Animal,
  date?: string,
  log: readonly LogEntry[] = [],
): number {
  const { share, young, lean } = animal.attempting;
  const isCalledByFeed =
    setting.near.includes('feed-left-out') &&
    (animal.taking.feed || animal.coming.drawnBy.includes('feed-left-out'));
  const about = share.value * (isCalledByFeed ? feedTimes.value : 1);
  const inMonth = (month: number): number => {
    const northern = northernMonth(setting.region, month);
    const hasYoung = young.includes(northern) || areYoungNear(animal, date, log);
    const times =
      (hasYoung ? youngTimes.value : 1) * (lean.includes(northern) ? leanTimes.value : 1);
    return Math.min(1, about * times);
  };
  if (date !== undefined) return inMonth(Number(date.slice(5, 7)));
  return months.reduce((sum, month) => sum + inMonth(month), 0) / months.length;
}

/** Whether the keeper noticed a den, nest or young of it close by, and they are still fed. */
function areYoungNear({ id }: Animal, date: string | undefined, log: readonly LogEntry[]): boolean {
  if (date === undefined) return false;
  return aboutAnimals(log).some(
    (it) =>
      it.what === 'young-near' &&
      it.animal === id &&
      it.date <= date &&
      date < daysLater(it.date, 7 * it.weeks),
  );
}
