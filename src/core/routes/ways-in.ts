/** Ways in: the outermost bays by which something gets to the birds, grouped the way a keeper would count them. */
import { rungMinutes } from '../effort/rung';
import { lapOf } from '../place/lap';
import type { BayId, Place } from '../place/place';
import type { AnimalId } from '../tables/animals';
import type { Route } from './animal-routes';

export interface WayIn {
  /** The first bay's id: stable as long as the place is. */
  readonly id: BayId;
  readonly bays: readonly BayId[];
  /** Quickest first. */
  readonly by: readonly AnimalRoute[];
  /** Minutes of the quickest. */
  readonly minutes: number;
}

export interface AnimalRoute {
  readonly animal: AnimalId;
  readonly route: Route;
}

/**
 * Under an hour is a way in, unless strands turn most tries back; an hour up to a night is a slow way, if one visit in ten
 * would last it out.
 */
export type Pace = 'way-in' | 'slow-way';

/** Rarer than this, a slow way is not worth counting (figure of the model: assumption of ours). */
const leastChance = 0.1;

/** Strands that turn back this share or more shut a way (figure of the model: assumption of ours). */
const strandsShut = 0.8;

export function paceOf({ route }: AnimalRoute): Pace | undefined {
  if (route.turnedBack >= strandsShut || route.minutes >= rungMinutes.night) return undefined;
  if (route.minutes < rungMinutes.hour) return 'way-in';
  return route.chance >= leastChance ? 'slow-way' : undefined;
}

/** The worst of several routes' paces: one way in is enough. */
export function worstPace(routes: readonly AnimalRoute[]): Pace | undefined {
  const paces = routes.map(paceOf);
  return (['way-in', 'slow-way'] as const).find((pace) => paces.includes(pace));
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
  const perBay = new Map<BayId, AnimalRoute[]>();
  for (const it of routes) {
    const { id } = it.route.steps[0].bay;
    perBay.set(id, [...(perBay.get(id) ?? []), it]);
  }
  // What comes in by it: worst first; ways that are alike keep the order of the lap.
  const threat = (way: WayIn): number =>
    way.by.reduce((sum, { animal, route }) => sum + threatOf(animal) * route.chance, 0);
  const lap = lapOf(place).bays.map(({ bay }) => bay.id);
  const singles = inLapOrder(lap, perBay);
  const ways = (pace: Pace): WayIn[] => {
    const paced = singles.filter((way) => worstPace(way.by) === pace);
    const grouped = group(
      lap,
      paced.map((way) => keepPace(way, pace)),
    );
    return grouped.sort((a, b) => threat(b) - threat(a));
  };
  return { 'way-in': ways('way-in'), 'slow-way': ways('slow-way') };
}

function inLapOrder(lap: readonly BayId[], perBay: ReadonlyMap<BayId, AnimalRoute[]>): WayIn[] {
  // Roof and floor bays are not on the lap; they follow it.
  const order = [...lap, ...[...perBay.keys()].filter((id) => !lap.includes(id))];
  return order.flatMap((id) => {
    const by = [...(perBay.get(id) ?? [])].sort((a, b) => a.route.minutes - b.route.minutes);
    return by[0] ? [{ id, bays: [id], by, minutes: by[0].route.minutes }] : [];
  });
}

function keepPace(way: WayIn, pace: Pace): WayIn {
  const by = way.by.filter((it) => paceOf(it) === pace);
  return { ...way, by, minutes: by[0]?.route.minutes ?? way.minutes };
}

/** Joins neighbours on the lap that give way by the same cause. `ways` stand in lap order. */
function group(lap: readonly BayId[], ways: readonly WayIn[]): WayIn[] {
  const joined: WayIn[] = [];
  for (const way of ways) {
    const last = joined[joined.length - 1];
    if (last && followsOnLap(lap, last, way) && cause(last) === cause(way)) {
      joined[joined.length - 1] = { ...last, bays: [...last.bays, ...way.bays] };
    } else {
      joined.push(way);
    }
  }
  return joined;
}

function followsOnLap(lap: readonly BayId[], before: WayIn, after: WayIn): boolean {
  const here = lap.indexOf(before.bays[before.bays.length - 1] ?? before.id);
  return here >= 0 && lap[here + 1] === after.id;
}

/** What gives way, for whom, and what lies behind it: the same for bays that one mend would put right. */
function cause(way: WayIn): string {
  return way.by
    .map(({ animal, route }) => {
      const [first, ...rest] = route.steps;
      return [
        animal,
        first.by.attack,
        first.by.attribute,
        first.into,
        ...rest.map((step) => step.bay.id),
      ].join(' ');
    })
    .sort()
    .join('; ');
}
