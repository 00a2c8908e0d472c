/** For one animal: by every outermost bay, the weakest route from outside to the birds. */
import type { Bound } from '../effort/bound';
import type { PartEffort } from '../effort/reason';
import type { When } from '../effort/when';
import { answersBy, getOrMake } from '../memo';
import type { Bay, BayId, Face, Place, ZoneId } from '../place/place';
import type { Animal } from '../tables/animals';
import type { BayWay, BayWays } from './bay-ways';
import { caseRest, caseSlot } from './case-slot';
import { chanceOf } from './chance';
import { otherEnd, type Distance } from './distances';
import { faceWays, isOuter, zoneInside, type FaceWays } from './face-ways';
import { innerPaces, type InnerPaces } from './inner-paces';
import { paceOf, type Pace } from './pace';
import { birds, isAlike, toBirdsOf, type ToBirds } from './to-birds';

/** One barrier on the way in. */
export interface RouteStep {
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

/** A way from outside to the birds for one animal; minutes. */
export interface Route {
  readonly minutes: number;
  /** Share of tries that strands turn back along it. */
  readonly turnedBack: number;
  /** `minutes / patience − ln(1 − s)`, summed over its steps. */
  readonly weight: number;
  readonly chance: number;
  readonly steps: readonly [RouteStep, ...RouteStep[]];
}

/** The routes that begin at one outer face, one a bay, lightest first. Inner bays stand apart, with paces and no routes. */
export interface FaceRoutes {
  readonly routes: readonly Route[];
  /** Pace of every bay on any of them: the worst, since one way in is enough. */
  readonly paces: ReadonlyMap<BayId, Pace>;
}

/** Weakest route by each outermost bay, lightest first. A bay by which nothing is reached is absent. */
export function routesOf(
  place: Place,
  animal: Animal,
  bound: Bound,
  when: When,
  birdZones: readonly ZoneId[],
): Route[] {
  return faceRoutesOf(place, animal, bound, when, birdZones)
    .flatMap(({ routes }) => routes)
    .sort((a, b) => a.weight - b.weight);
}

/** The lightest of them. */
export function weakestOf(faces: readonly FaceRoutes[]): Route | undefined {
  let weakest: Route | undefined;
  for (const { routes } of faces) {
    const [first] = routes;
    if (first && (!weakest || first.weight < weakest.weight)) weakest = first;
  }
  return weakest;
}

/** The same, face by face; a face that nothing gets on from is left out. `birdZones`: where birds are that it takes. */
export function faceRoutesOf(
  place: Place,
  animal: Animal,
  bound: Bound,
  when: When,
  birdZones: readonly ZoneId[],
): readonly FaceRoutes[] {
  const slots = getOrMake(lastFound, animal, (): LastFound[] => []);
  const slot = caseSlot(bound, when);
  const rest = caseRest(true, true, when);
  const last = slots[slot];
  const before = last?.rest === rest && isAlike(last.zones, birdZones) ? last : undefined;
  if (before && isAlike(before.faces, place.faces)) return before.found;
  // A way in is followed inward only: out again and in elsewhere is that other way in.
  const toBirds =
    before && isAlikeInside(before.faces, place.faces)
      ? before.toBirds
      : toBirdsOf(place, animal, bound, when, birdZones);
  const known = before?.toBirds === toBirds ? before : undefined;
  const ways = place.faces.map((face, index) =>
    before?.faces[index] === face
      ? (before.ways[index] as FaceWays)
      : faceWays(face, animal, bound, when),
  );
  const byFace = place.faces.map((face, index) =>
    known?.faces[index] === face
      ? known.byFace[index]
      : routesFrom(face, ways[index] as FaceWays, birdZones, toBirds),
  );
  const inner = innerPaces(place.faces, ways, toBirds, known?.inner);
  const outer = byFace.filter((it) => it !== undefined);
  const found = outer.length > 0 && inner.routes ? [...outer, inner.routes] : outer;
  slots[slot] = { rest, zones: birdZones, faces: place.faces, ways, toBirds, byFace, inner, found };
  return found;
}

/** Whether nothing but outer walls differs. */
const isAlikeInside = (a: readonly Face[], b: readonly Face[]): boolean =>
  a.length === b.length &&
  a.every((face, index) => {
    const other = b[index] as Face;
    return face === other || (isOuter(face) && isOuter(other));
  });

/** The answer before, for each of the circumstances: what has not changed since is taken from it. */
interface LastFound {
  readonly rest: string;
  readonly zones: readonly ZoneId[];
  readonly faces: readonly Face[];
  readonly ways: readonly FaceWays[];
  readonly toBirds: ToBirds;
  readonly byFace: readonly (FaceRoutes | undefined)[];
  readonly inner: InnerPaces;
  readonly found: readonly FaceRoutes[];
}

const lastFound = answersBy<Animal, LastFound[]>();

function routesFrom(
  face: Face,
  ways: FaceWays,
  birdZones: readonly ZoneId[],
  toBirds: ToBirds,
): FaceRoutes | undefined {
  if (!isOuter(face) || ways.bays.length === 0) return undefined;
  const zone = zoneInside(face);
  const own = routesOfWays(ways, zone, toBirds.get(zone), birdZones.includes(zone));
  return own.routes.length > 0 ? own : undefined;
}

type Rest = Distance<BayWay | undefined>;

interface LastRoutes {
  readonly rest: Rest | undefined;
  readonly hasBirds: boolean;
  readonly routes: FaceRoutes;
}

const routesBy = answersBy<FaceWays, LastRoutes[]>();
const mostKept = 4;

/** The same ways and the same way on give the same routes. */
function routesOfWays(
  ways: FaceWays,
  zone: ZoneId,
  rest: Rest | undefined,
  hasBirds: boolean,
): FaceRoutes {
  const answers = getOrMake(routesBy, ways, (): LastRoutes[] => []);
  const known = answers.find((it) => it.rest === rest && it.hasBirds === hasBirds);
  if (known) return known.routes;
  const routes: Route[] = [];
  for (const bay of ways.bays) {
    const route = lastRoute(bay, zone, rest, hasBirds);
    if (route) routes.push(route);
  }
  routes.sort((a, b) => a.weight - b.weight);
  const made = { routes, paces: worstPaces(routes) };
  // Cut by `pop`: setting a length costs as much as finding the answer.
  if (answers.unshift({ rest, hasBirds, routes: made }) > mostKept) answers.pop();
  return made;
}

interface LastRoute {
  readonly zone: ZoneId;
  readonly rest: Rest | undefined;
  readonly hasBirds: boolean;
  readonly route: Route | undefined;
}

const routeBy = answersBy<BayWays, LastRoute>();

/** Of the bays of a wall one was read: by the others it goes on as before. */
function lastRoute(
  ways: BayWays,
  zone: ZoneId,
  rest: Rest | undefined,
  hasBirds: boolean,
): Route | undefined {
  const last = routeBy.get(ways);
  if (last && last.rest === rest && last.hasBirds === hasBirds && last.zone === zone)
    return last.route;
  const route = lightestRoute(ways, zone, rest, hasBirds);
  routeBy.set(ways, { zone, rest, hasBirds, route });
  return route;
}

/** Into the zone and on, or a bird taken through the cover, whichever is the lighter. */
function lightestRoute(
  { through, reach }: BayWays,
  zone: ZoneId,
  rest: Rest | undefined,
  hasBirds: boolean,
): Route | undefined {
  const inward = through && rest ? through.weight + rest.weight : undefined;
  const taken = reach && hasBirds ? reach.weight : undefined;
  if (reach && taken !== undefined && (inward === undefined || taken < inward)) {
    return routeAlong([[reach, birds]], taken);
  }
  if (!through || !rest || inward === undefined) return undefined;
  let here = zone;
  const further = rest.route.flatMap((edge): [BayWay, ZoneId][] => {
    here = otherEnd(edge, here) ?? here;
    // The last edge may be the birds themselves, standing in the zone just entered.
    return edge.item ? [[edge.item, here]] : [];
  });
  return routeAlong([[through, zone], ...further], inward);
}

function routeAlong(
  ways: readonly [way: BayWay, into: ZoneId][],
  weight: number,
): Route | undefined {
  const [first, ...rest] = ways.map(
    ([{ bay, by, also, minutes, turnedBack }, into]): RouteStep => ({
      bay,
      into,
      minutes,
      turnedBack,
      by,
      also,
    }),
  );
  if (!first) return undefined;
  return {
    minutes: ways.reduce((sum, [{ minutes }]) => sum + minutes, 0),
    turnedBack: 1 - ways.reduce((past, [{ turnedBack }]) => past * (1 - turnedBack), 1),
    weight,
    chance: chanceOf(weight),
    steps: [first, ...rest],
  };
}

function worstPaces(routes: readonly Route[]): Map<BayId, Pace> {
  const paces = new Map<BayId, Pace>();
  for (const route of routes) {
    const pace = paceOf(route);
    if (!pace) continue;
    for (const { bay } of route.steps) {
      if (pace === 'way-in' || !paces.has(bay.id)) paces.set(bay.id, pace);
    }
  }
  return paces;
}

/** True for the step that takes a bird through the cover without entering. */
export function takesThrough(step: RouteStep): boolean {
  return step.into === birds;
}
