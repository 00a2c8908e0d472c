/** For one animal: by every outermost bay, the weakest route from outside to the birds. */
import { bayEffort } from '../effort/bay-effort';
import type { Bound } from '../effort/bound';
import type { PartEffort } from '../effort/reason';
import { allBays } from '../place/find';
import { outside, type Bay, type Place, type ZoneId } from '../place/place';
import type { Animal } from '../tables/animals';
import { distancesTo, otherEnd, type Edge } from './distances';

/** One barrier on the way in. */
export interface Step {
  readonly bay: Bay;
  readonly into: ZoneId;
  readonly minutes: number;
  /** The part it goes by, and every other part of the bay that would let it through as well. */
  readonly by: PartEffort;
  readonly also: readonly PartEffort[];
}

export interface Route {
  readonly minutes: number;
  readonly steps: readonly [Step, ...Step[]];
}

/** Zones in which birds spend the night. */
export function birdZones(place: Place): ZoneId[] {
  return [...new Set(place.flock.filter((group) => group.count > 0).map((group) => group.sleeps))];
}

/** Weakest route by each outermost bay, lightest first. A bay by which nothing is reached is absent. */
export function routesOf(place: Place, animal: Animal, bound: Bound): Route[] {
  const edges = passableEdges(place, animal, bound);
  const [outer, inner] = split(edges, (edge) => edge.between.includes(outside));
  // A way in is followed inward only: out again and in elsewhere is that other way in.
  const toBirds = distancesTo(inner, birdZones(place));
  return outer
    .flatMap((edge) => {
      const into = otherEnd(edge, outside);
      const rest = into === undefined ? undefined : toBirds.get(into);
      if (into === undefined || !rest) return [];
      return [routeAlong([edge, ...rest.route])];
    })
    .sort((a, b) => a.minutes - b.minutes);
}

interface Passable {
  readonly bay: Bay;
  readonly parts: readonly PartEffort[];
}

function passableEdges(place: Place, animal: Animal, bound: Bound): Edge<Passable>[] {
  return allBays(place).flatMap(({ bay, face }) => {
    const parts = bayEffort(bay, animal, bound).filter((part) => part.minutes !== null);
    const weight = parts[0]?.minutes;
    if (weight === undefined || weight === null) return [];
    return [{ between: face.between, weight, item: { bay, parts } }];
  });
}

function routeAlong(edges: readonly [Edge<Passable>, ...Edge<Passable>[]]): Route {
  let here: ZoneId = outside;
  const steps = edges.map((edge): Step => {
    here = otherEnd(edge, here) ?? here;
    const [by, ...also] = edge.item.parts;
    if (!by) throw new Error(`an edge without an effort: ${edge.item.bay.id}`);
    return { bay: edge.item.bay, into: here, minutes: edge.weight, by, also };
  }) as [Step, ...Step[]];
  return { minutes: steps.reduce((sum, step) => sum + step.minutes, 0), steps };
}

function split<T>(all: readonly T[], test: (it: T) => boolean): [T[], T[]] {
  return [all.filter(test), all.filter((it) => !test(it))];
}
