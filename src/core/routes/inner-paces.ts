/**
 * How quick the lightest way is that leads through each inner bay. An animal's own route uses only the lightest of two doors;
 * the other one is no better a wall for that.
 */
import { outside, type BayId, type Face } from '../place/place';
import type { BayWay } from './bay-ways';
import { chanceOf } from './chance';
import { distancesTo, type Distance } from './distances';
import { isOuter, zoneInside, type FaceWays } from './face-ways';
import { paceOf, type Pace } from './pace';
import { isAlike, lightestOfEach, type BarrierEdge, type ToBirds } from './to-birds';

type Way = Distance<BayWay | undefined>;
type Paces = ReadonlyMap<BayId, Pace>;

/** No route begins at an inner bay: it has a pace alone. */
export interface InnerRoutes {
  readonly routes: readonly never[];
  readonly paces: Paces;
}

/** What the last answer was made from: the same ways give it again. */
export interface InnerPaces {
  readonly throughs: readonly (BayWay | undefined)[];
  readonly toBirds: ToBirds;
  /** Absent where nothing gets through an inner wall. */
  readonly routes: InnerRoutes | undefined;
}

/**
 * By bay; a bay that nothing gets through on a way to birds is absent. `ways`: an animal's, in the order of the faces. `last`: the
 * answer before, if there was one.
 */
export function innerPaces(
  faces: readonly Face[],
  ways: readonly FaceWays[],
  toBirds: ToBirds,
  last: InnerPaces | undefined,
): InnerPaces {
  const throughs = ways.map(({ through }) => through);
  if (last?.toBirds === toBirds && isAlike(last.throughs, throughs)) return last;
  const isOpenInside = faces.some((face, index) => throughs[index] && !isOuter(face));
  return { throughs, toBirds, routes: isOpenInside ? inside(faces, ways, toBirds) : undefined };
}

/** Drawings alone ask for the paces: they are worked out then. */
function inside(faces: readonly Face[], ways: readonly FaceWays[], toBirds: ToBirds): InnerRoutes {
  let paces: Paces | undefined;
  return {
    routes: [],
    get paces() {
      return (paces ??= workOut(faces, ways, toBirds));
    },
  };
}

function workOut(faces: readonly Face[], ways: readonly FaceWays[], toBirds: ToBirds): Paces {
  const edges = faces.flatMap((face, index): BarrierEdge[] => {
    const through = ways[index]?.through;
    if (!through) return [];
    const between: BarrierEdge['between'] = isOuter(face)
      ? [outside, zoneInside(face)]
      : face.between;
    return [{ between, weight: through.weight, item: through }];
  });
  const fromOutside = distancesTo(lightestOfEach(edges), [outside]);
  const paces = new Map<BayId, Pace>();
  faces.forEach((face, index) => {
    if (isOuter(face)) return;
    const [a, b] = face.between;
    for (const { through } of ways[index]?.bays ?? []) {
      const pace =
        through &&
        lighterPace(
          through,
          [fromOutside.get(a), toBirds.get(b)],
          [fromOutside.get(b), toBirds.get(a)],
        );
      if (through && pace) paces.set(through.bay.id, pace);
    }
  });
  return paces;
}

type Ends = readonly [to: Way | undefined, on: Way | undefined];

/** Through the bay from one side or the other. */
function lighterPace(through: BayWay, ...both: readonly Ends[]): Pace | undefined {
  const paces = both.flatMap(([to, on]) => (to && on ? [paceThrough(through, to, on)] : []));
  return paces.includes('way-in') ? 'way-in' : paces.find((pace) => pace !== undefined);
}

function paceThrough(through: BayWay, to: Way, on: Way): Pace | undefined {
  const steps = [...to.route, ...on.route].flatMap(({ item }) => (item ? [item] : []));
  const all = [...steps, through];
  return paceOf({
    minutes: all.reduce((sum, { minutes }) => sum + minutes, 0),
    turnedBack: 1 - all.reduce((past, { turnedBack }) => past * (1 - turnedBack), 1),
    chance: chanceOf(to.weight + through.weight + on.weight),
  });
}
