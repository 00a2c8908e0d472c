/** Who or what shuts the doors of an evening: one person for all that is shut by hand or cord, and every door that shuts by itself. */
import { isLeftByRound, isOfTheRound } from '../effort/doors';
import { allBays } from '../place/find';
import type { Opening, Place } from '../place/place';
import { memoized } from '../memo';

/** Somebody or something that shuts doors. */
export interface Shutter {
  /** `personId`, or the id of the door that shuts itself. */
  readonly id: string;
  readonly kind: 'person' | 'device';
  readonly doors: readonly Opening[];
}

/** Id of the one who shuts what does not shut itself: no door has one with a stroke. */
export const personId = '/person';

/** Doors that the evening round shuts, in the order of the place. */
export const doorsOfRound = memoized((place: Place): readonly Opening[] =>
  allBays(place)
    .flatMap(({ bay }) => bay.openings)
    .filter(
      (door) => isOfTheRound(door) && door.habit === 'every-night' && door.shutBy !== 'nobody',
    ),
);

/** The person first, where there is anything to shut by hand. What falls shut and catches by itself is missed by nobody. */
export const shuttersOf = memoized((place: Place): readonly Shutter[] => {
  const doors = doorsOfRound(place).filter(isLeftByRound);
  const byHand = doors.filter(({ shutBy }) => shutBy !== 'light');
  return [
    ...(byHand.length > 0 ? [{ id: personId, kind: 'person' as const, doors: byHand }] : []),
    ...doors
      .filter(({ shutBy }) => shutBy === 'light')
      .map((door): Shutter => ({ id: door.id, kind: 'device', doors: [door] })),
  ];
});
