/** The line each bay is drawn with. It agrees with the ways in: `open` bays are on their routes. */
import { allBays } from '../place/find';
import type { BayId, Place } from '../place/place';
import { paceOf, type AnimalRoute, type Pace } from '../routes/ways-in';

export type BayMark = 'holds' | 'hours' | 'open' | 'unread';

/** `sure`: routes from what was read; `possible`: with every unread gap wide open. */
export function bayMarks(
  place: Place,
  sure: readonly AnimalRoute[],
  possible: readonly AnimalRoute[],
): Map<BayId, BayMark> {
  const [surely, perhaps] = [worstPaces(sure), worstPaces(possible)];
  return new Map(
    allBays(place).map(({ bay }): [BayId, BayMark] => {
      const pace = surely.get(bay.id);
      if (pace) return [bay.id, pace === 'way-in' ? 'open' : 'hours'];
      return [bay.id, perhaps.has(bay.id) ? 'unread' : 'holds'];
    }),
  );
}

/** One way in is enough. */
function worstPaces(routes: readonly AnimalRoute[]): Map<BayId, Pace> {
  const paces = new Map<BayId, Pace>();
  for (const it of routes) {
    const pace = paceOf(it);
    if (!pace) continue;
    for (const { bay } of it.route.steps) {
      if (pace === 'way-in' || !paces.has(bay.id)) paces.set(bay.id, pace);
    }
  }
  return paces;
}
