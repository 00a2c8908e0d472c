import fc from 'fast-check';
import { MultiDirectedGraph } from 'graphology';
import dijkstra from 'graphology-shortest-path/dijkstra';
import { bayEffort } from '../effort/bay-effort';
import type { Bound } from '../effort/bound';
import { turnedBackAt } from '../effort/reason';
import { allBays } from '../place/find';
import { lapOf } from '../place/lap';
import { outside, type Place } from '../place/place';
import { animals, type Animal } from '../tables/animals';
import { randomPlace } from '../tests/random-place';
import { scenarios, whenOf, whereabouts, type Scenario } from '../score/scenario';
import { routesOf, takesThrough, type Route } from './animal-routes';
import { chanceOf } from './chance';
import { nextWeakest } from './next-weakest';
import { paceOf } from './pace';
import { waysIn, type AnimalRoute } from './ways-in';
import { often } from '../tests/often';

/** All that is judged by night in one call: the animal's birds are those that sleep inside. */
function routes(place: Place, animal: Animal, bound: Bound, scenario: Scenario = 'night-shut') {
  const when = whenOf(place, scenario);
  return routesOf(place, animal, bound, when, zonesOf(place, scenario));
}

function zonesOf(place: Place, scenario: Scenario): string[] {
  const zones = whereabouts(place, scenario).map(({ zone }) => zone);
  return [...new Set(zones)].filter((zone) => zone !== outside);
}

/** Every step of a route is passable, they join, and they end where birds are or within reach of them. */
function expectSound(place: Place, animal: Animal, route: Route, scenario: Scenario): void {
  const { steps, minutes, weight, chance } = route;
  expect(steps.reduce((sum, step) => sum + step.minutes, 0)).toBe(minutes);
  const passed = steps.reduce((product, step) => product * (1 - step.turnedBack), 1);
  expect(weight).toBeCloseTo(minutes / animal.patience.value - Math.log(passed), 9);
  expect(chance).toBeCloseTo(Math.exp(-minutes / animal.patience.value) * passed, 9);
  let here: string = outside;
  for (const step of steps) {
    const face = allBays(place).find(({ bay }) => bay.id === step.bay.id)?.face;
    expect(face?.between).toContain(here);
    if (takesThrough(step)) {
      expect(step).toBe(steps[steps.length - 1]);
      const behind = face?.between.find((zone) => zone !== here);
      expect(zonesOf(place, scenario)).toContain(behind);
      return;
    }
    expect(face?.between).toContain(step.into);
    here = step.into;
  }
  expect(zonesOf(place, scenario)).toContain(here);
}

/** The same question put to a general graph library: one node a zone, an arc a passable part, and the birds as the goal. */
function byGraphology(
  place: Place,
  animal: Animal,
  bound: Bound,
  scenario: Scenario,
): number | null {
  const graph = new MultiDirectedGraph();
  const zones = [outside, ...place.zones.map((zone) => zone.id), 'birds'];
  const goals = zonesOf(place, scenario);
  zones.forEach((zone) => graph.addNode(zone));
  for (const { bay, face } of allBays(place)) {
    for (const part of bayEffort(bay, animal, bound, whenOf(place, scenario))) {
      if (part.minutes === null) continue;
      const weight = part.minutes / animal.patience.value - Math.log(1 - turnedBackAt(part));
      const [a, b] = face.between;
      if (part.attack === 'reach') {
        if (goals.includes(b)) graph.addEdge(a, 'birds', { weight });
        if (goals.includes(a)) graph.addEdge(b, 'birds', { weight });
      } else {
        graph.addEdge(a, b, { weight });
        graph.addEdge(b, a, { weight });
      }
    }
  }
  goals.forEach((zone) => graph.addEdge(zone, 'birds', { weight: 0 }));
  const path = dijkstra.bidirectional(graph, outside, 'birds', 'weight');
  if (!path) return null;
  return path.slice(1).reduce((sum, zone, index) => {
    const arcs = graph.directedEdges(path[index], zone);
    return sum + Math.min(...arcs.map((arc) => graph.getEdgeAttribute(arc, 'weight') as number));
  }, 0);
}

test.each(scenarios)(
  '%s: the weakest route over random places is a general graph library’s',
  (scenario) => {
    fc.assert(
      fc.property(randomPlace('some'), fc.constantFrom('best', 'worst'), (place, bound) => {
        for (const id of place.setting.lives) {
          const [weakest] = routes(place, animals[id], bound, scenario);
          const theirs = byGraphology(place, animals[id], bound, scenario);
          if (theirs === null) expect(weakest).toBeUndefined();
          else expect(weakest?.weight).toBeCloseTo(theirs, 9);
        }
      }),
      { numRuns: 40 },
    );
  },
);

test('routes join from outside to the birds, step by step', () => {
  fc.assert(
    fc.property(randomPlace('some'), fc.constantFrom(...scenarios), (place, scenario) => {
      for (const id of place.setting.lives) {
        for (const route of routes(place, animals[id], 'best', scenario)) {
          expectSound(place, animals[id], route, scenario);
        }
      }
    }),
    { numRuns: often(30) },
  );
});

test('the next weakest is never lighter than the weakest, and goes another way', () => {
  fc.assert(
    fc.property(randomPlace('all'), (place) => {
      const when = whenOf(place, 'night-shut');
      for (const id of place.setting.lives) {
        const [weakest] = routes(place, animals[id], 'best');
        const goals = zonesOf(place, 'night-shut');
        const next = nextWeakest(place, animals[id], 'best', when, goals);
        if (!weakest) expect(next).toBeUndefined();
        if (!next || !weakest) continue;
        expect(next.weight).toBeGreaterThanOrEqual(weakest.weight - 1e-12);
        const way = ({ steps: [first] }: Route) =>
          `${first.by.item} ${first.by.attribute} ${first.by.attack} ${first.bay.id}`;
        expect(way(next)).not.toBe(way(weakest));
        expectSound(place, animals[id], next, 'night-shut');
      }
    }),
    { numRuns: often(30) },
  );
});

test('ways in: each bay once, quickest animal first, worst way first', () => {
  fc.assert(
    fc.property(randomPlace('all'), (place) => {
      const all = place.setting.lives.flatMap((animal) =>
        routes(place, animals[animal], 'best').map((route) => ({ animal, route })),
      );
      const ways = waysIn(place, all, () => 1);
      for (const pace of ['way-in', 'slow-way'] as const) {
        const bays = ways[pace].flatMap((way) => way.bays);
        expect(new Set(bays).size).toBe(bays.length);
        for (const way of ways[pace]) {
          for (const it of way.by) expect(paceOf(it.route)).toBe(pace);
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
    { numRuns: often(40) },
  );
});

test('bays joined in one way in stand side by side on the lap', () => {
  fc.assert(
    fc.property(randomPlace('all'), (place) => {
      const lap = lapOf(place).bays.map(({ bay }) => bay.id);
      const all = place.setting.lives.flatMap((animal) =>
        routes(place, animals[animal], 'best').map((route) => ({ animal, route })),
      );
      for (const { bays } of waysIn(place, all, () => 1)['way-in']) {
        bays.slice(1).forEach((id, index) => {
          expect(lap.indexOf(id)).toBe(lap.indexOf(bays[index] ?? '') + 1);
        });
      }
    }),
    { numRuns: often(30) },
  );
});

test('under an hour is a way in, an hour up to a night a slow way', () => {
  const paces = [0, 5, 59, 60, 65, 479, 480, 540].map((minutes) =>
    paceOf(taking('norway-rat', minutes).route),
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
  expect(paceOf(taking('norway-rat', 60).route)).toBe('slow-way');
  expect(paceOf(taking('domestic-cat', 60).route)).toBeUndefined();
  // A fox's patience is 45 minutes: exp(−100 / 45) = 0.108, exp(−105 / 45) = 0.097.
  expect(paceOf(taking('red-fox', 100).route)).toBe('slow-way');
  expect(paceOf(taking('red-fox', 105).route)).toBeUndefined();
});

test('strands that turn back four tries in five shut a way', () => {
  const { route } = taking('red-fox', 0);
  expect(paceOf({ ...route, turnedBack: 0.79 })).toBe('way-in');
  expect(paceOf({ ...route, turnedBack: 0.8 })).toBeUndefined();
});

/** A route of so many minutes; by which bays does not matter here. */
function taking(animal: AnimalRoute['animal'], minutes: number): AnimalRoute {
  const weight = minutes / animals[animal].patience.value;
  return {
    animal,
    route: { minutes, turnedBack: 0, weight, chance: chanceOf(weight), steps: [] as never },
  };
}
