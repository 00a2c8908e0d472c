/** Ways in: the outermost bays by which something gets to the birds, grouped the way a keeper would count them. */
import { lapOf } from '../place/lap';
import type { BayId, Place } from '../place/place';
import type { AnimalId } from '../tables/animals';
import type { Route } from './animal-routes';
import { paceOf, type Pace } from './pace';

/** Neighbouring bays with one cause, and who comes by them; minutes. */
export interface WayIn {
  /** The first bay's id: stable as long as the place is. */
  readonly id: BayId;
  readonly bays: readonly BayId[];
  /** Quickest first. */
  readonly by: readonly AnimalRoute[];
  /** Minutes of the quickest. */
  readonly minutes: number;
}

/** A route and whose it is. */
export interface AnimalRoute {
  readonly animal: AnimalId;
  readonly route: Route;
}

/** The worst of several routes' paces: one way in is enough. */
export function worstPace(routes: readonly AnimalRoute[]): Pace | undefined {
  let worst: Pace | undefined;
  for (const { route } of routes) {
    const pace = paceOf(route);
    if (pace === 'way-in') return pace;
    worst ??= pace;
  }
  return worst;
}

/**
 * Ways of one pace, worst first. `threatOf` weighs an animal against the others. Neighbouring bays with the same cause are one way in, and so are several animals by it.
 * A bay that is a way in for one animal is not counted again as a slow way for another.
 */
export function waysIn(
  place: Place,
  routes: readonly AnimalRoute[],
  threatOf: (animal: AnimalId) => number,
): Readonly<Record<Pace, readonly WayIn[]>> {
  if (routes.length === 0) return { 'way-in': [], 'slow-way': [] };
  const perBay = new Map<BayId, AnimalRoute[]>();
  for (const it of routes) {
    const { id } = it.route.steps[0].bay;
    const own = perBay.get(id);
    if (own) own.push(it);
    else perBay.set(id, [it]);
  }
  // What comes in by it: worst first; ways that are alike keep the order of the lap.
  const threat = (way: WayIn): number =>
    way.by.reduce((sum, { animal, route }) => sum + threatOf(animal) * route.chance, 0);
  const order = lapOrder(place);
  const singles = inLapOrder(order, perBay);
  const paced = singles.map((way) => ({ way, worst: worstPace(way.by) }));
  const ways = (pace: Pace): WayIn[] =>
    group(
      order,
      paced.flatMap(({ way, worst }) => (worst === pace ? [keepPace(way, pace)] : [])),
    )
      .map((way) => ({ way, weight: threat(way) }))
      .sort((a, b) => b.weight - a.weight)
      .map(({ way }) => way);
  return { 'way-in': ways('way-in'), 'slow-way': ways('slow-way') };
}

/** Where each bay stands on the lap. */
type LapOrder = ReadonlyMap<BayId, number>;

const lapOrder = (place: Place): LapOrder =>
  new Map(lapOf(place).bays.map(({ bay }, index) => [bay.id, index]));

/** Roof and floor bays are not on the lap; they follow it. */
function inLapOrder(order: LapOrder, perBay: ReadonlyMap<BayId, AnimalRoute[]>): WayIn[] {
  const at = (id: BayId): number => order.get(id) ?? order.size;
  return [...perBay]
    .sort(([a], [b]) => at(a) - at(b))
    .flatMap(([id, routes]) => {
      const by = routes.sort((a, b) => a.route.minutes - b.route.minutes);
      return by[0] ? [{ id, bays: [id], by, minutes: by[0].route.minutes }] : [];
    });
}

function keepPace(way: WayIn, pace: Pace): WayIn {
  const by = way.by.filter(({ route }) => paceOf(route) === pace);
  return { ...way, by, minutes: by[0]?.route.minutes ?? way.minutes };
}

/** Joins neighbours on the lap that give way by the same cause. `ways` stand in lap order. */
function group(order: LapOrder, ways: readonly WayIn[]): WayIn[] {
  const joined: WayIn[] = [];
  for (const way of ways) {
    const last = joined[joined.length - 1];
    if (last && followsOnLap(order, last, way) && isSameCause(last, way)) {
      joined[joined.length - 1] = { ...last, bays: [...last.bays, ...way.bays] };
    } else {
      joined.push(way);
    }
  }
  return joined;
}

function followsOnLap(order: LapOrder, before: WayIn, after: WayIn): boolean {
  const here = order.get(before.bays[before.bays.length - 1] ?? before.id);
  return here !== undefined && order.get(after.id) === here + 1;
}

/** The same gives way, for the same animals, with the same behind it: one mend would put both right. */
function isSameCause(a: WayIn, b: WayIn): boolean {
  return (
    a.by.length === b.by.length &&
    a.by.every((it) =>
      b.by.some((other) => it.animal === other.animal && isAlike(it.route, other.route)),
    )
  );
}

function isAlike({ steps: [a, ...behindA] }: Route, { steps: [b, ...behindB] }: Route): boolean {
  return (
    a.by.attack === b.by.attack &&
    a.by.attribute === b.by.attribute &&
    a.into === b.into &&
    behindA.length === behindB.length &&
    behindA.every(({ bay }, index) => bay.id === behindB[index]?.bay.id)
  );
}
