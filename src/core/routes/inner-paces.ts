/**
 * How quick the lightest way is that leads through each inner bay. An animal's own route uses only the lightest of two doors;
 * the other one is no better a wall for that.
 */
import type { Bound } from '../effort/bound';
import type { When } from '../effort/when';
import { outside, type BayId, type Place } from '../place/place';
import type { Animal } from '../tables/animals';
import type { BayWay } from './bay-ways';
import { chanceOf } from './chance';
import { distancesTo, type Distance } from './distances';
import { faceWays, isOuter, zoneInside } from './face-ways';
import { paceOf, type Pace } from './pace';
import { lightestOfEach, type BarrierEdge, type ToBirds } from './to-birds';

type Way = Distance<BayWay | undefined>;

/** By bay; a bay that nothing gets through on a way to birds is absent. */
export function innerPaces(
  place: Place,
  animal: Animal,
  bound: Bound,
  when: When,
  toBirds: ToBirds,
): Map<BayId, Pace> {
  const ways = place.faces.map((face) => ({ face, ways: faceWays(face, animal, bound, when) }));
  const edges = ways.flatMap(({ face, ways: { through } }): BarrierEdge[] =>
    through
      ? [
          {
            between: isOuter(face) ? [outside, zoneInside(face)] : face.between,
            weight: through.weight,
            item: through,
          },
        ]
      : [],
  );
  const fromOutside = distancesTo(lightestOfEach(edges), [outside]);
  const paces = new Map<BayId, Pace>();
  for (const { face, ways: own } of ways) {
    if (isOuter(face)) continue;
    const [a, b] = face.between;
    for (const { through } of own.bays) {
      if (!through) continue;
      const pace = lighterPace(
        through,
        [fromOutside.get(a), toBirds.get(b)],
        [fromOutside.get(b), toBirds.get(a)],
      );
      if (pace) paces.set(through.bay.id, pace);
    }
  }
  return paces;
}

type Ends = readonly [to: Way | undefined, on: Way | undefined];

/** Through the bay from one side or the other. */
function lighterPace(through: BayWay, ...both: readonly Ends[]): Pace | undefined {
  const paces = both.flatMap(([to, on]) => (to && on ? [paceThrough(through, to, on)] : []));
  return paces.includes('way-in') ? 'way-in' : paces.find((pace) => pace !== undefined);
}

function paceThrough(through: BayWay, to: Way, on: Way): Pace | undefined {
  const steps = [...to.route, ...on.route].flatMap(({ item }) => (item ? [item] : []));
  const all = [...steps, through];
  return paceOf({
    minutes: all.reduce((sum, { minutes }) => sum + minutes, 0),
    turnedBack: 1 - all.reduce((past, { turnedBack }) => past * (1 - turnedBack), 1),
    chance: chanceOf(to.weight + through.weight + on.weight),
  });
}
