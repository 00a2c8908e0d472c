/** The line each bay is drawn with. It agrees with the ways in: `open` bays are on their routes. */
import { allBays } from '../place/find';
import type { BayId, Place } from '../place/place';
import type { FaceRoutes } from '../routes/animal-routes';
import type { Pace } from '../routes/pace';

/** How a bay stands in the drawings. */
export const markKinds = ['holds', 'hours', 'open', 'unread'] as const;
/** One of `markKinds`. */
export type BayMark = (typeof markKinds)[number];

/** `sure`: routes from what was read; `possible`: with every unread gap wide open. */
export function bayMarks(
  place: Place,
  sure: readonly FaceRoutes[],
  possible: readonly FaceRoutes[],
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
function worstPaces(faces: readonly FaceRoutes[]): Map<BayId, Pace> {
  const worst = new Map<BayId, Pace>();
  for (const { paces } of faces) {
    for (const [bay, pace] of paces) {
      if (pace === 'way-in' || !worst.has(bay)) worst.set(bay, pace);
    }
  }
  return worst;
}
