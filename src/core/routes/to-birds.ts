/** From every zone of a place, the lightest way on to the birds, for one animal: the inner faces as edges of a graph. */
import type { Bound } from '../effort/bound';
import type { When } from '../effort/when';
import { answersBy, getOrMake } from '../memo';
import { outside, type Face, type Place, type ZoneId } from '../place/place';
import type { Animal } from '../tables/animals';
import type { BayWay } from './bay-ways';
import { distancesTo, type Distance, type Edge } from './distances';
import { faceWays, isOuter, type FaceWays } from './face-ways';

/** The goal of every route. Not a zone of anybody's: zone ids come from files, so it cannot be a word. */
export const birds = '\u0000birds';

/** `undefined` where the birds stand in the zone itself: there is nothing to get through. */
export type BarrierEdge = Edge<BayWay | undefined>;
/** From every zone the lightest way on to the birds. */
export type ToBirds = ReadonlyMap<ZoneId, Distance<BayWay | undefined>>;

interface Last {
  readonly inner: readonly FaceWays[];
  readonly zones: readonly ZoneId[];
  readonly toBirds: ToBirds;
}

/** The last answer for each animal and length of question; the same inner faces and zones give the same object again. */
const answersFor = answersBy<Animal, Last[]>();
/** Circumstances that alternate within one judgement, with both bounds. */
const mostKept = 16;

/** From every zone the lightest way on to the birds; the same object for the same question. */
export function toBirdsOf(
  place: Place,
  animal: Animal,
  bound: Bound,
  when: When,
  birdZones: readonly ZoneId[],
): ToBirds {
  const faces = innerFaces(place);
  const answers = getOrMake(answersFor, animal, (): Last[] => []);
  const inner = faces.map((face) => faceWays(face, animal, bound, when));
  const known = answers.find((it) => isAlike(it.inner, inner) && isAlike(it.zones, birdZones));
  if (known) return known.toBirds;
  const toBirds = distancesTo(edgesBetween(faces, inner, birdZones), [birds]);
  // Cut by `pop`: setting a length costs as much as finding the answer.
  if (answers.unshift({ inner, zones: birdZones, toBirds }) > mostKept) answers.pop();
  return toBirds;
}

const innerFaces = (place: Place): Face[] => place.faces.filter((face) => !isOuter(face));

function edgesBetween(
  faces: readonly Face[],
  inner: readonly FaceWays[],
  birdZones: readonly ZoneId[],
): BarrierEdge[] {
  const edges = birdZones.map((zone): BarrierEdge => edgeTo(zone, birds, undefined));
  faces.forEach(({ between: [a, b] }, index) => {
    const { through, reach } = inner[index] ?? {};
    if (through) edges.push(edgeTo(a, b, through));
    if (reach && birdZones.includes(b)) edges.push(edgeTo(a, birds, reach));
    if (reach && birdZones.includes(a)) edges.push(edgeTo(b, birds, reach));
  });
  return lightestOfEach(edges.filter(({ between }) => !between.includes(outside)));
}

/** Of several edges between the same two, only the lightest can be on a lightest route. */
export function lightestOfEach(edges: readonly BarrierEdge[]): BarrierEdge[] {
  const kept: BarrierEdge[] = [];
  for (const edge of edges) {
    const at = kept.findIndex((it) => joinsSame(it, edge));
    const known = kept[at];
    if (!known) kept.push(edge);
    else if (edge.weight < known.weight) kept[at] = edge;
  }
  return kept;
}

/** The same members in the same order. */
export function isAlike<T>(a: readonly T[], b: readonly T[]): boolean {
  return a === b || (a.length === b.length && a.every((it, index) => it === b[index]));
}

function edgeTo(from: ZoneId, to: ZoneId, way: BayWay | undefined): BarrierEdge {
  return { between: [from, to], weight: way?.weight ?? 0, item: way };
}

function joinsSame({ between: [a, b] }: BarrierEdge, { between: [c, d] }: BarrierEdge): boolean {
  return (a === c && b === d) || (a === d && b === c);
}
