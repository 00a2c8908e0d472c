import fc from 'fast-check';
import { MultiUndirectedGraph } from 'graphology';
import dijkstra from 'graphology-shortest-path/dijkstra';
import { distancesTo, type Edge } from './distances';

const zones = ['outside', 'run', 'house', 'nest', 'under'];

const randomEdges: fc.Arbitrary<Edge<number>[]> = fc
  .array(
    fc.tuple(fc.constantFrom(...zones), fc.constantFrom(...zones), fc.constantFrom(0, 5, 60, 480)),
    { maxLength: 14 },
  )
  .map((all) => all.map(([a, b, weight], item) => ({ between: [a, b] as const, weight, item })));

/** Every simple route from one zone to another, by brute force. */
function lightestSimple(edges: readonly Edge<number>[], from: string, to: string): number {
  const walk = (here: string, seen: readonly string[]): number => {
    if (here === to) return 0;
    return Math.min(
      ...edges.map(({ between: [a, b], weight }) => {
        const next = a === here ? b : b === here ? a : undefined;
        return next === undefined || seen.includes(next)
          ? Infinity
          : weight + walk(next, [...seen, next]);
      }),
      Infinity,
    );
  };
  return walk(from, [from]);
}

test('equals the best of all simple routes', () => {
  fc.assert(
    fc.property(randomEdges, (edges) => {
      const found = distancesTo(edges, ['house']);
      for (const zone of zones) {
        expect(found.get(zone)?.weight ?? Infinity).toBe(lightestSimple(edges, zone, 'house'));
      }
    }),
  );
});

test('equals a general graph library’s (graphology)', () => {
  fc.assert(
    fc.property(randomEdges, (edges) => {
      const graph = new MultiUndirectedGraph();
      zones.forEach((zone) => graph.addNode(zone));
      edges.forEach(({ between: [a, b], weight }) => {
        if (a !== b) graph.addEdge(a, b, { weight });
      });
      const weightOf = (path: string[]): number =>
        path.slice(1).reduce((sum, zone, index) => {
          const between = graph.edges(path[index], zone);
          return (
            sum +
            Math.min(...between.map((edge) => graph.getEdgeAttribute(edge, 'weight') as number))
          );
        }, 0);
      const found = distancesTo(edges, ['house']);
      for (const zone of zones) {
        const path =
          zone === 'house' ? [zone] : dijkstra.bidirectional(graph, zone, 'house', 'weight');
        expect(found.get(zone)?.weight).toBe(path ? weightOf(path) : undefined);
      }
    }),
  );
});

test('the route it names has the weight it says, and ends at the birds', () => {
  fc.assert(
    fc.property(randomEdges, (edges) => {
      for (const [zone, { weight, route }] of distancesTo(edges, ['house', 'nest'])) {
        expect(route.reduce((sum, edge) => sum + edge.weight, 0)).toBe(weight);
        const end = route.reduce((here, { between: [a, b] }) => (a === here ? b : a), zone);
        expect(['house', 'nest']).toContain(end);
      }
    }),
  );
});
