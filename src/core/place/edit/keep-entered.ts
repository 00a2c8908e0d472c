/** Lengths of sides as the keeper typed them: "16 ft" stays "16 ft". */
import type { Place } from '../place';

/** `entered`: what was typed, by the length it was read as, mm. A side that has its own words keeps them. */
export function keepEntered(place: Place, entered: ReadonlyMap<number, string>): Place {
  return {
    ...place,
    zones: place.zones.map((zone) => ({
      ...zone,
      outline: {
        ...zone.outline,
        sides: zone.outline.sides.map((side) => {
          const typed = entered.get(side.length);
          return typed === undefined || side.entered !== undefined
            ? side
            : { ...side, entered: typed };
        }),
      },
    })),
  };
}
