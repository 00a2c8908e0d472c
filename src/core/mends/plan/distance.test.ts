/** The lightest way of a term against a general graph library's (graphology, Dijkstra). */
import fc from 'fast-check';
import { DirectedGraph } from 'graphology';
import dijkstra from 'graphology-shortest-path/dijkstra';
import { randomProblem } from '../../tests/random-problem';
import { distanceOf, insideOf, lightestWay } from './distance';
import { birdsEnd, outsideEnd, type Link, type Term } from './problem';

const base = (link: Link): number => link.states[0]?.weight ?? Infinity;

/** Out of the place and in again is no way: arcs from outside lead in only. */
function byGraphology({ links, zones, zone }: Term): number {
  const graph = new DirectedGraph();
  const name = (end: number): string => {
    if (end === outsideEnd) return 'outside';
    return end === birdsEnd || zones[end] === zone ? 'birds' : `z${end}`;
  };
  for (const node of ['outside', 'birds', ...zones.map((_, index) => `z${index}`)]) {
    graph.mergeNode(node);
  }
  const arc = (from: string, to: string, weight: number): void => {
    if (from === to || weight === Infinity) return;
    const known = graph.hasEdge(from, to)
      ? (graph.getEdgeAttribute(from, to, 'weight') as number)
      : Infinity;
    graph.mergeEdge(from, to, { weight: Math.min(known, weight) });
  };
  for (const link of links) {
    arc(name(link.from), name(link.to), base(link));
    if (link.from !== outsideEnd) arc(name(link.to), name(link.from), base(link));
  }
  const path = dijkstra.bidirectional(graph, 'outside', 'birds', 'weight');
  if (!path) return Infinity;
  return path
    .slice(1)
    .reduce(
      (sum, to, index) =>
        sum + (graph.getEdgeAttribute(path[index] as string, to, 'weight') as number),
      0,
    );
}

test('is as light as theirs, and the way it names adds up to it', () => {
  fc.assert(
    fc.property(randomProblem, ({ terms }) => {
      for (const term of terms) {
        const weights = term.links.map(base);
        const inside = insideOf(term, weights);
        const ours = distanceOf(term, weights, inside);
        const theirs = byGraphology(term);
        if (theirs === Infinity) expect(ours).toBe(Infinity);
        else expect(ours).toBeCloseTo(theirs, 9);
        const way = lightestWay(term, weights, inside);
        const sum = way.reduce((total, index) => total + (weights[index] as number), 0);
        if (ours === Infinity) expect(way).toEqual([]);
        else expect(sum).toBeCloseTo(ours, 9);
        if (way[0] !== undefined) expect(term.links[way[0]]?.from).toBe(outsideEnd);
      }
    }),
    { numRuns: 400 },
  );
});
