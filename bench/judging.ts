/** What judging costs: a place of 60 bays against 30 animals in four scenarios, its routes against a general graph library's. */
import { MultiUndirectedGraph } from 'graphology';
import dijkstra from 'graphology-shortest-path/dijkstra';
import { samphireYard } from '../demo/samphire-yard';
import { writePlaceFile } from '../src/core/formats/place-file';
import { readPlaceFile } from '../src/core/formats/read-place-file';
import { outside, type Place } from '../src/core/place/place';
import { setAttribute } from '../src/core/records/set-attribute';
import type { When } from '../src/core/effort/when';
import { distancesTo } from '../src/core/routes/distances';
import { faceWays, isOuter, zoneInside } from '../src/core/routes/face-ways';
import { birds, lightestOfEach, type BarrierEdge } from '../src/core/routes/to-birds';
import { judge } from '../src/core/score/judge';
import { judgeAll } from '../src/core/score/judge-all';
import { scenarios, whenOf, whereabouts } from '../src/core/score/scenario';
import { animals, type AnimalId } from '../src/core/tables/animals';
import { largePlace } from './large-place';

export interface JudgingCost {
  /** The demo place, all four scenarios with range, nothing kept from before, ms. */
  readonly demoMs: number;
  /** Reading the demo place's file, in times of judging it. */
  readonly readFile: number;
  /** 60 bays, 30 animals, four scenarios with range: nothing kept, and after one changed reading, ms. */
  readonly sixtyMs: number;
  readonly changedMs: number;
  /** The same for the one scenario a screen shows, ms. */
  readonly changedOneMs: number;
  /** A graph library's time for the same routes, in times of ours. */
  readonly library: number;
  /** Time for so many bays over the time for 15, divided by the bays' own ratio: 1 is linear. */
  readonly growth: readonly { readonly bays: number; readonly perBay: number }[];
}

/** Middle of several runs, ms. `before` prepares each run and is not timed. */
function median<T>(work: (it: T) => unknown, before: () => T, runs = 15): number {
  const times = Array.from({ length: runs }, () => {
    const it = before();
    const start = performance.now();
    work(it);
    return performance.now() - start;
  }).sort((a, b) => a - b);
  return times[Math.floor(runs / 2)] ?? 0;
}

/** A copy nothing is known about yet: what is kept is kept by object. */
const fresh = (place: Place) => () => structuredClone(place);

const judged = (place: Place) => judgeAll(place, []);

function changedReading(place: Place, work: (place: Place) => unknown): number {
  for (let runs = 0; runs < 600; runs += 1)
    work(setAttribute(place, 'north-3', 'ground.gap', { is: runs % 40 }));
  let now = place;
  let turn = 0;
  return median(
    work,
    () => {
      turn += 1;
      // Each time another gap: found good, then wide.
      now = setAttribute(now, 'north-3', 'ground.gap', { is: 6 + (turn % 5) * 8 });
      return now;
    },
    41,
  );
}

/**
 * The weakest route by every outermost bay, for every animal, scenario and bound, from the same efforts: by our own search and
 * by the library's, whose graphs (an edge a bay) are built before the clock starts.
 */
function libraryRatio(place: Place): number {
  const cases = scenarios.flatMap((scenario) => {
    const when = whenOf(place, scenario);
    const zones = [...new Set(whereabouts(place, scenario).map(({ zone }) => zone))];
    return place.setting.lives.flatMap((id) =>
      (['best', 'worst'] as const).map((bound) => edgesOf(place, id, bound, when, zones)),
    );
  });
  // To ask a library for the route by every bay, each outer bay is a node of its own behind its edge.
  const graphs = cases.map(({ inner, outer }) => {
    const graph = new MultiUndirectedGraph();
    [...place.zones.map((zone) => zone.id), birds].forEach((zone) => graph.addNode(zone));
    for (const { between, weight } of inner) graph.addEdge(between[0], between[1], { weight });
    for (const { between, weight, item } of outer) {
      graph.addNode(`by ${item?.bay.id}`);
      graph.addEdge(`by ${item?.bay.id}`, between[1], { weight });
    }
    return graph;
  });
  const ours = () =>
    cases.map(({ inner, outer }) => {
      const toBirds = distancesTo(lightestOfEach(inner), [birds]);
      return outer.map((edge) => edge.weight + (toBirds.get(edge.between[1])?.weight ?? Infinity));
    });
  const library = () =>
    cases.map(({ outer }, index) => {
      const graph = graphs[index] as MultiUndirectedGraph;
      const paths = dijkstra.singleSource(graph, birds, 'weight') as Record<string, string[]>;
      return outer.map(({ item }) => pathWeight(graph, paths[`by ${item?.bay.id}`] ?? []));
    });
  const [mine, theirs] = [ours(), library()];
  const isSame = mine.every((all, index) =>
    all.every(
      (it, at) => it === theirs[index]?.[at] || Math.abs(it - (theirs[index]?.[at] ?? 0)) < 1e-9,
    ),
  );
  if (!isSame) throw new Error('the library finds other routes');
  const nothing = () => undefined;
  return median(library, nothing) / median(ours, nothing);
}

function pathWeight(graph: MultiUndirectedGraph, path: readonly string[]): number {
  if (path.length === 0) return Infinity;
  return path.slice(1).reduce((sum, zone, index) => {
    const edges = graph.edges(path[index], zone);
    return sum + Math.min(...edges.map((it) => graph.getEdgeAttribute(it, 'weight') as number));
  }, 0);
}

/** An edge for every way through every bay, and from the birds' zones to the birds. */
function edgesOf(
  place: Place,
  id: AnimalId,
  bound: 'best' | 'worst',
  when: When,
  zones: readonly string[],
) {
  const outer: BarrierEdge[] = [];
  const inner = zones.map((zone): BarrierEdge => ({
    between: [zone, birds],
    weight: 0,
    item: undefined,
  }));
  for (const face of place.faces) {
    for (const { through } of faceWays(face, animals[id], bound, when).bays) {
      if (!through) continue;
      const { weight } = through;
      if (isOuter(face)) {
        outer.push({ between: [outside, zoneInside(face)], weight, item: through });
      } else inner.push({ between: face.between, weight, item: through });
    }
  }
  return { outer, inner };
}

export function judgingCost(): JudgingCost {
  const { place, walks } = samphireYard;
  const text = writePlaceFile(samphireYard);
  const sixty = largePlace(60);
  // Warm first: what is compared is the work, not the compiler.
  for (let runs = 0; runs < 10; runs += 1) {
    judgeAll(structuredClone(place), walks);
    judged(structuredClone(sixty));
    readPlaceFile(text);
  }
  const demo = median((it) => judgeAll(it, walks), fresh(place));
  const ratio = (ms: number) => Math.round(ms * 10) / 10;
  const cent = (ms: number) => Math.round(ms * 100) / 100;
  const sizes = [15, 30, 60, 120, 240];
  const times = sizes.map((bays) => median(judged, fresh(largePlace(bays)), 9));
  const [first = 1] = times;
  return {
    demoMs: cent(demo),
    readFile: ratio(
      median(
        () => readPlaceFile(text),
        () => undefined,
      ) / demo,
    ),
    sixtyMs: cent(median(judged, fresh(sixty))),
    changedOneMs: cent(changedReading(sixty, (it) => judge(it, []))),
    changedMs: cent(changedReading(sixty, judged)),
    library: ratio(libraryRatio(sixty)),
    growth: sizes.map((bays, index) => ({
      bays,
      perBay: cent((times[index] ?? 0) / first / (bays / 15)),
    })),
  };
}
