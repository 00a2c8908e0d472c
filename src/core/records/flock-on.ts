/** The flock as losses have left it: a loss takes its birds off from its day on, and no number is written over. */
import { answersBy } from '../memo';
import type { Group, Place } from '../place/place';
import { aboutAnimals, type LogEntry, type Loss } from './sighting';

/** Birds that losses took off a group up to a day; without a day, all of them. */
export function fewerIn(group: string, log: readonly LogEntry[], date?: string): number {
  return aboutAnimals(log)
    .filter(
      (it): it is Loss =>
        it.what === 'loss' && it.group === group && (date === undefined || it.date <= date),
    )
    .reduce((sum, { fewer = 0 }) => sum + fewer, 0);
}

/** A group as it is after losses. */
export function groupAfter(group: Group, log: readonly LogEntry[], date?: string): Group {
  const fewer = fewerIn(group.id, log, date);
  if (fewer === 0) return group;
  const { upTo } = group;
  return {
    ...group,
    count: Math.max(0, group.count - fewer),
    ...(upTo !== undefined && { upTo: Math.max(0, upTo - fewer) }),
  };
}

/** One bird lost on a day, as it is first written down: off the flock from then on where there is only one it can be of. */
export function lossOn({ flock }: Place, date: string): Omit<Loss, 'id' | 'placeId'> {
  const [only, another] = flock;
  return {
    what: 'loss',
    birds: 1,
    date,
    ...(only && !another && { group: only.id, fewer: 1 }),
  };
}

const kept = answersBy<
  Place,
  { log: readonly LogEntry[]; date: string | undefined; place: Place }
>();

/** The same place where no loss changes its flock. */
export function withFlockOn(place: Place, log: readonly LogEntry[], date?: string): Place {
  const last = kept.get(place);
  if (last?.log === log && last.date === date) return last.place;
  const flock = place.flock.map((group) => groupAfter(group, log, date));
  const isSame = flock.every((group, index) => group === place.flock[index]);
  const found = isSame ? place : { ...place, flock };
  kept.set(place, { log, date, place: found });
  return found;
}
