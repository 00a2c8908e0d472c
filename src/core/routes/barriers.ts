/** What stands between the zones of a place for one animal, as edges of a graph whose goal is the birds. */
import type { Bound } from '../effort/bound';
import type { When } from '../effort/when';
import { outside, type Bay, type Place, type ZoneId } from '../place/place';
import type { Animal } from '../tables/animals';
import { bayWays, type BayWay } from './bay-ways';
import type { Edge } from './distances';

/** The goal of every route. Not a zone of anybody's: zone ids come from files, so it cannot be a word. */
export const birds = '\u0000birds';

export interface Barrier {
  readonly bay: Bay;
  readonly way: BayWay;
  /** Where it leads, from each side. */
  readonly kind: 'through' | 'reach';
}

export type BarrierEdge = Edge<Barrier | undefined>;

export interface Barriers {
  /** One for each outermost bay and way of getting on: from outside into a zone, or to the birds within reach of it. */
  readonly outer: readonly BarrierEdge[];
  /** Between zones, only the lightest of each pair; and from zones with birds to the birds. */
  readonly inner: readonly BarrierEdge[];
}

/** `birdZones`: where birds are that this animal takes. */
export function barriersOf(
  place: Place,
  animal: Animal,
  bound: Bound,
  when: When,
  birdZones: readonly ZoneId[],
): Barriers {
  const outer: BarrierEdge[] = [];
  const inner = new Map<string, BarrierEdge>();
  for (const { between, bays } of place.faces) {
    const isOuter = between[0] === outside || between[1] === outside;
    for (const bay of bays) {
      const ways = bayWays(bay, animal, bound, when);
      const add = (edge: BarrierEdge): void => {
        if (isOuter && edge.between[0] === outside) outer.push(edge);
        else keepLightest(inner, edge);
      };
      if (ways.through) add(edgeOf(bay, ways.through, 'through', outsideFirst(between)));
      if (!ways.reach) continue;
      for (const [from, to] of [between, [between[1], between[0]] as const]) {
        if (birdZones.includes(to)) add(edgeOf(bay, ways.reach, 'reach', [from, birds]));
      }
    }
  }
  for (const zone of birdZones) {
    keepLightest(inner, { between: [zone, birds], weight: 0, item: undefined });
  }
  return { outer, inner: [...inner.values()] };
}

function edgeOf(
  bay: Bay,
  way: BayWay,
  kind: Barrier['kind'],
  between: readonly [ZoneId, ZoneId],
): BarrierEdge {
  return { between, weight: way.weight, item: { bay, way, kind } };
}

function outsideFirst([a, b]: readonly [ZoneId, ZoneId]): readonly [ZoneId, ZoneId] {
  return b === outside ? [b, a] : [a, b];
}

function keepLightest(edges: Map<string, BarrierEdge>, edge: BarrierEdge): void {
  const [a, b] = edge.between;
  const key = a < b ? `${a}\n${b}` : `${b}\n${a}`;
  const known = edges.get(key);
  if (!known || edge.weight < known.weight) edges.set(key, edge);
}
