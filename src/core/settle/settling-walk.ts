/** The shortest walk that settles the answer: the unread readings after which nothing depends on the rest, where they are found as they should be. */
import { groupedBy } from '../grouped-by';
import type { Place } from '../place/place';
import type { Question } from '../walk/questions';
import type { Day } from './answers';
import { couldChange, isSettledBut, type Settling } from './could-change';
import { withAt } from './with-at';

/** Of more bays, and then of more readings, none is tried against the others: all that could change something are read (assumption of ours). */
const mostBays = 12;
const mostReadings = 24;

/** What could change the answer, what could not, and what a walk has to read to settle it, in walking order. */
export interface SettlingWalk extends Settling {
  readonly asks: readonly Question[];
}

/**
 * From all that could change something those are left out, last first, that could no longer once the others are found sound: a house
 * that holds may settle its run. What is found otherwise is worked out anew after each reading.
 */
export function settlingWalk(found: Place, day: Day): SettlingWalk {
  const settling = couldChange(found, day);
  const { matters } = settling;
  const byBay = [...groupedBy(matters, ({ bay }) => bay).values()];
  if (byBay.length > mostBays) return { ...settling, asks: matters };
  const known = new Set([...matters, ...settling.folded].map(({ id }) => id));
  // What is asked only once something else was read (whether an apron is tied) is met then.
  const isSettled = (asks: readonly Question[]): boolean =>
    isSettledBut(withAt(found, asks, 'best'), day, known);
  /** Without those of these that can be done without, last first. */
  const fewest = (all: readonly Question[], parts: readonly (readonly Question[])[]) =>
    parts.reduceRight<readonly Question[]>((kept, part) => {
      const without = kept.filter((it) => !part.includes(it));
      return isSettled(without) ? without : kept;
    }, all);
  const ofBays = fewest(matters, byBay);
  const asks =
    ofBays.length > mostReadings
      ? ofBays
      : fewest(
          ofBays,
          ofBays.map((it) => [it]),
        );
  return { ...settling, asks };
}
