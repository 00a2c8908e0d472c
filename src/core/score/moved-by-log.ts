/** By how much what was logged has moved a hold, and through whom: a hold that rises because a threat fell is no better wall. */
import type { Place } from '../place/place';
import type { LogEntry } from '../records/sighting';
import { animals, type AnimalId } from '../tables/animals';
import { hold } from './hold';
import type { AnimalJudgement, Range } from './judge-animal';
import { expectedVisits } from './visits';

/** The hold before anything was logged, and the animal that moved it most. */
export interface MovedByLog {
  readonly before: Range;
  readonly animal: AnimalId;
  /** Visits a year it is reckoned with now, and was before. */
  readonly visits: { readonly now: number; readonly before: number };
}

/** Less than so much of 100 is not said. */
const leastSaid = 1;

/** `undefined` where the log moves the hold by less than a point. `date`: the day the hold is judged for. */
export function movedByLog(
  place: Place,
  judged: readonly AnimalJudgement[],
  log: readonly LogEntry[],
  date: string | undefined,
): MovedByLog | undefined {
  const minded = judged.filter(({ animal }) => !place.setting.accepted?.includes(animal));
  const each = minded.map((it) => {
    const visits = (entries: readonly LogEntry[]) =>
      365 * expectedVisits(place, animals[it.animal], entries, date);
    return { it, now: visits(log), before: visits([]) };
  });
  const holdOf = (end: 'best' | 'worst', times: (one: (typeof each)[number]) => number) =>
    hold(
      each.flatMap((one) =>
        one.it.groups.map(({ weight, chance }) => ({
          weight: weight * times(one),
          chance: chance[end],
        })),
      ),
    );
  const unlogged = ({ now, before }: (typeof each)[number]) => (now === 0 ? 1 : before / now);
  const now = { best: holdOf('best', () => 1), worst: holdOf('worst', () => 1) };
  const before = { best: holdOf('best', unlogged), worst: holdOf('worst', unlogged) };
  const moved = (end: 'best' | 'worst') => Math.abs((now[end] ?? 0) - (before[end] ?? 0));
  if (Math.max(moved('best'), moved('worst')) < leastSaid) return undefined;
  const [most] = each
    .map((one) => ({
      animal: one.it.animal,
      visits: { now: one.now, before: one.before },
      by: one.it.groups.reduce(
        (sum, { weight }) => sum + Math.abs(weight * (unlogged(one) - 1)),
        0,
      ),
    }))
    .sort((a, b) => b.by - a.by);
  return most && { before, animal: most.animal, visits: most.visits };
}
