/** Shortest way from every zone to the birds (Dijkstra 1959, published; recalled from memory). */
import type { ZoneId } from '../place/place';

/** Something between two zones that costs minutes to get through. One that holds is simply left out. */
export interface Edge<T> {
  readonly between: readonly [ZoneId, ZoneId];
  readonly weight: number;
  readonly item: T;
}

/** How far it is from a zone to the birds, by weights. */
export interface Distance<T> {
  readonly weight: number;
  /** Edges from this zone to the birds, in the order in which they are passed. */
  readonly route: readonly Edge<T>[];
}

/** Distances to the nearest of `goals`. Zones that cannot reach one are absent. Weights must not be negative. */
export function distancesTo<T>(
  edges: readonly Edge<T>[],
  goals: readonly ZoneId[],
): Map<ZoneId, Distance<T>> {
  const settled = new Map<ZoneId, Distance<T>>();
  const open = new Map<ZoneId, Distance<T>>(goals.map((goal) => [goal, { weight: 0, route: [] }]));
  for (let next = lightest(open); next; next = lightest(open)) {
    const [zone, distance] = next;
    open.delete(zone);
    settled.set(zone, distance);
    for (const edge of edges) {
      const other = otherEnd(edge, zone);
      if (other === undefined || settled.has(other)) continue;
      const weight = distance.weight + edge.weight;
      const known = open.get(other);
      if (!known || weight < known.weight) {
        open.set(other, { weight, route: [edge, ...distance.route] });
      }
    }
  }
  return settled;
}

/** The zone at the other end of an edge; `undefined` where the edge does not touch `zone`. */
export function otherEnd<T>(edge: Edge<T>, zone: ZoneId): ZoneId | undefined {
  const [a, b] = edge.between;
  if (a === zone) return b;
  return b === zone ? a : undefined;
}

function lightest<T>(open: ReadonlyMap<ZoneId, Distance<T>>): [ZoneId, Distance<T>] | undefined {
  let best: [ZoneId, Distance<T>] | undefined;
  for (const entry of open) {
    if (!best || entry[1].weight < best[1].weight) best = entry;
  }
  return best;
}
