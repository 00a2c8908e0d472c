import fc from 'fast-check';
import { MultiDirectedGraph } from 'graphology';
import dijkstra from 'graphology-shortest-path/dijkstra';
import { bayEffort } from '../effort/bay-effort';
import { allBays } from '../place/find';
import { lapOf } from '../place/lap';
import { outside, type Place } from '../place/place';
import { animals, type Animal } from '../tables/animals';
import { randomPlace } from '../tests/random-place';
import { birdZones, routesOf, type Route } from './animal-routes';
import { paceOf, waysIn, type AnimalRoute } from './ways-in';

/** Every step of a route is passable, they join, and they end where birds are. */
function expectSound(place: Place, animal: Animal, { steps, minutes }: Route): void {
  expect(steps.reduce((sum, step) => sum + step.minutes, 0)).toBe(minutes);
  expect(birdZones(place)).toContain(steps[steps.length - 1]?.into);
  let here: string = outside;
  for (const step of steps) {
    const face = allBays(place).find(({ bay }) => bay.id === step.bay.id)?.face;
    expect(face?.between).toContain(here);
    expect(face?.between).toContain(step.into);
    expect(step.by.minutes).toBe(bayEffort(step.bay, animal, 'best')[0]?.minutes);
    here = step.into;
  }
}

/** The same question put to a general graph library: one node a zone, one arc a passable bay. */
function byGraphology(place: Place, animal: Animal): number | null {
  const graph = new MultiDirectedGraph();
  const zones = [outside, ...place.zones.map((zone) => zone.id), 'birds'];
  zones.forEach((zone) => graph.addNode(zone));
  for (const { bay, face } of allBays(place)) {
    const minutes = bayEffort(bay, animal, 'best')[0]?.minutes;
    if (minutes === null || minutes === undefined) continue;
    const [a, b] = face.between;
    graph.addEdge(a, b, { weight: minutes });
    graph.addEdge(b, a, { weight: minutes });
  }
  birdZones(place).forEach((zone) => graph.addEdge(zone, 'birds', { weight: 0 }));
  const path = dijkstra.bidirectional(graph, outside, 'birds', 'weight');
  if (!path) return null;
  return path.slice(1).reduce((sum, zone, index) => {
    const arcs = graph.directedEdges(path[index], zone);
    return sum + Math.min(...arcs.map((arc) => graph.getEdgeAttribute(arc, 'weight') as number));
  }, 0);
}

test('the weakest route over random places is a general graph library’s', () => {
  fc.assert(
    fc.property(randomPlace('all'), (place) => {
      for (const id of place.setting.lives) {
        const [weakest] = routesOf(place, animals[id], 'best');
        expect(weakest?.minutes ?? null).toBe(byGraphology(place, animals[id]));
      }
    }),
    { numRuns: 120 },
  );
});

test('routes join from outside to the birds, step by step', () => {
  fc.assert(
    fc.property(randomPlace('some'), (place) => {
      for (const id of place.setting.lives) {
        for (const route of routesOf(place, animals[id], 'best')) {
          expectSound(place, animals[id], route);
        }
      }
    }),
    { numRuns: 80 },
  );
});

test('ways in: each bay once, quickest animal first, worst way first', () => {
  fc.assert(
    fc.property(randomPlace('all'), (place) => {
      const routes = place.setting.lives.flatMap((animal) =>
        routesOf(place, animals[animal], 'best').map((route) => ({ animal, route })),
      );
      const ways = waysIn(place, routes);
      for (const pace of ['way-in', 'slow-way'] as const) {
        const bays = ways[pace].flatMap((way) => way.bays);
        expect(new Set(bays).size).toBe(bays.length);
        for (const way of ways[pace]) {
          for (const it of way.by) expect(paceOf(it)).toBe(pace);
          const minutes = way.by.map(({ route }) => route.minutes);
          expect(minutes).toEqual([...minutes].sort((a, b) => a - b));
          expect(new Set(way.by.map(({ animal }) => animal)).size).toBe(way.by.length);
        }
      }
      const [fast, slow] = [ways['way-in'], ways['slow-way']].map((all) =>
        all.flatMap((it) => it.bays),
      );
      expect(fast?.filter((id) => slow?.includes(id))).toEqual([]);
    }),
    { numRuns: 80 },
  );
});

test('bays joined in one way in stand side by side on the lap', () => {
  fc.assert(
    fc.property(randomPlace('all'), (place) => {
      const lap = lapOf(place).bays.map(({ bay }) => bay.id);
      const routes = place.setting.lives.flatMap((animal) =>
        routesOf(place, animals[animal], 'best').map((route) => ({ animal, route })),
      );
      for (const { bays } of waysIn(place, routes)['way-in']) {
        bays.slice(1).forEach((id, index) => {
          expect(lap.indexOf(id)).toBe(lap.indexOf(bays[index] ?? '') + 1);
        });
      }
    }),
    { numRuns: 60 },
  );
});

test('under an hour is a way in, an hour up to a night a slow way', () => {
  const paces = [0, 5, 59, 60, 65, 479, 480, 540].map((minutes) =>
    paceOf(taking('norway-rat', minutes)),
  );
  expect(paces).toEqual([
    'way-in',
    'way-in',
    'way-in',
    'slow-way',
    'slow-way',
    'slow-way',
    undefined,
    undefined,
  ]);
});

test('a slow way counts where one visit in ten would last it out: a rat’s hour, not a cat’s', () => {
  // exp(−60 / 240) = 0.78; exp(−60 / 15) = 0.02.
  expect(paceOf(taking('norway-rat', 60))).toBe('slow-way');
  expect(paceOf(taking('domestic-cat', 60))).toBeUndefined();
  // A fox's patience is 45 minutes: exp(−100 / 45) = 0.108, exp(−105 / 45) = 0.097.
  expect(paceOf(taking('red-fox', 100))).toBe('slow-way');
  expect(paceOf(taking('red-fox', 105))).toBeUndefined();
});

/** A route of so many minutes; by which bays does not matter here. */
function taking(animal: AnimalRoute['animal'], minutes: number): AnimalRoute {
  return { animal, route: { minutes, steps: [] as never } };
}
