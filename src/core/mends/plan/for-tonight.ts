/** What keeps something out tonight, until a lasting mend is made: at every spot that lets something by with everything shut. */
import type { Place } from '../../place/place';
import { allBays } from '../../place/find';
import { whenOf } from '../../score/scenario';
import { plannedMend, proposalsFor } from '../propose';
import { weakSpots } from '../spots';
import type { Mend } from '../../records/mend';
import { costOf } from '../shopping/cost';
import type { UnitPrices } from '../shopping/shop';

/** Something for tonight, with its price in hundredths and its minutes. */
export interface Stopgap {
  readonly mend: Mend;
  readonly cents: number;
  readonly minutes: number;
}

/** One a spot, the quickest. `date`: YYYY-MM-DD, of the night. */
export function stopgaps(found: Place, date: string, unitPrices?: UnitPrices): Stopgap[] {
  const when = whenOf(found, 'night-shut', date);
  return allBays(found).flatMap(({ bay }) =>
    weakSpots(found, bay, when).flatMap((weak): Stopgap[] => {
      const [quickest] = proposalsFor(weak)
        .filter(({ mend }) => mend.term === 'tonight')
        .sort((a, b) => a.mend.time(weak).value - b.mend.time(weak).value);
      if (!quickest) return [];
      return [
        {
          mend: plannedMend(found, quickest, '', ''),
          cents: costOf(quickest.mend.takes(weak), unitPrices),
          minutes: quickest.mend.time(weak).value,
        },
      ];
    }),
  );
}
