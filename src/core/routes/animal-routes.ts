/** For one animal: by every outermost bay, the weakest route from outside to the birds. */
import type { Bound } from '../effort/bound';
import { turnedBackAt, type PartEffort } from '../effort/reason';
import type { When } from '../effort/when';
import { outside, type Bay, type BayId, type Place, type ZoneId } from '../place/place';
import type { Animal } from '../tables/animals';
import { barriersOf, birds, type Barrier, type BarrierEdge } from './barriers';
import { chanceOf } from './chance';
import { distancesTo, otherEnd } from './distances';

/** One barrier on the way in. */
export interface Step {
  readonly bay: Bay;
  /** The zone behind it; where a bird is taken through it, the zone the bird is in is not entered. */
  readonly into: ZoneId | typeof birds;
  readonly minutes: number;
  /** Share of tries that strands turn back at this step. */
  readonly turnedBack: number;
  /** The part it goes by, and every other part of the bay that would let it by as well. */
  readonly by: PartEffort;
  readonly also: readonly PartEffort[];
}

export interface Route {
  readonly minutes: number;
  /** Share of tries that strands turn back along it. */
  readonly turnedBack: number;
  /** `minutes / patience − ln(1 − s)`, summed over its steps. */
  readonly weight: number;
  readonly chance: number;
  readonly steps: readonly [Step, ...Step[]];
}

/** Weakest route by each outermost bay, lightest first. A bay by which nothing is reached is absent. */
export function routesOf(
  place: Place,
  animal: Animal,
  bound: Bound,
  when: When,
  birdZones: readonly ZoneId[],
): Route[] {
  const { outer, inner } = barriersOf(place, animal, bound, when, birdZones);
  if (outer.length === 0) return [];
  // A way in is followed inward only: out again and in elsewhere is that other way in.
  const toBirds = distancesTo(inner, [birds]);
  const lightest = new Map<BayId, { weight: number; edges: [BarrierEdge, ...BarrierEdge[]] }>();
  for (const edge of outer) {
    const rest = toBirds.get(otherEnd(edge, outside) ?? outside);
    const id = edge.item?.bay.id;
    if (!rest || id === undefined) continue;
    const weight = edge.weight + rest.weight;
    const known = lightest.get(id);
    if (!known || weight < known.weight) lightest.set(id, { weight, edges: [edge, ...rest.route] });
  }
  return [...lightest.values()]
    .sort((a, b) => a.weight - b.weight)
    .map(({ weight, edges }) => routeAlong(edges, weight));
}

function routeAlong(edges: readonly [BarrierEdge, ...BarrierEdge[]], weight: number): Route {
  let here: ZoneId = outside;
  const steps: Step[] = [];
  for (const edge of edges) {
    here = otherEnd(edge, here) ?? here;
    // The last edge may be the birds themselves, standing in the zone just entered.
    if (edge.item) steps.push(stepOf(edge.item, here));
  }
  const [first, ...rest] = steps;
  if (!first) throw new Error('a route without a barrier');
  return {
    minutes: steps.reduce((sum, step) => sum + step.minutes, 0),
    turnedBack: 1 - steps.reduce((past, step) => past * (1 - step.turnedBack), 1),
    weight,
    chance: chanceOf(weight),
    steps: [first, ...rest],
  };
}

function stepOf({ bay, way }: Barrier, into: ZoneId): Step {
  const { by, also } = way;
  return { bay, into, minutes: by.minutes ?? 0, turnedBack: turnedBackAt(by), by, also };
}

/** True for the step that takes a bird through the cover without entering. */
export function takesThrough(step: Step): boolean {
  return step.into === birds;
}
