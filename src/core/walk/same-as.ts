/** "The same as the last bay": what was read at the bay before, for what can be alike from bay to bay. */
import { findBay } from '../place/find';
import type { BayId, Face, Place, SideKind, ZoneId, ZoneKind } from '../place/place';
import type { Reading, Walk } from '../records/walk';
import { readingIn } from './open-walk';
import { attributes } from '../attributes';
import type { Question } from './questions';
import type { Stop } from './stops';

/** A reading of the bay before that this bay may share. */
export interface SameAs {
  readonly question: Question;
  readonly reading: Reading;
  /** The bay it was read at. */
  readonly bay: string;
}

/** The same question at the last wall like this one, if this walk has answered it. */
export function sameAsLast(
  place: Place,
  stops: readonly Stop[],
  walk: Walk | undefined,
  question: Question,
): SameAs | undefined {
  const before = likeStopsBefore(place, stops, question).at(-1);
  return before && sameAsAt(place, before, walk, question);
}

/** What this walk has read at that stop of the same thing. */
export function sameAsAt(
  place: Place,
  { bay, questions }: Stop,
  walk: Walk | undefined,
  question: Question,
): SameAs | undefined {
  const twin = questions.find((it) => isTwin(place, it, question));
  const reading = twin && readingIn(walk, twin);
  if (bay === undefined || !reading || reading.value === 'cannot-tell') return undefined;
  return { question, reading, bay };
}

/** An opening that wears: what it was at the last bay says nothing of this one. */
export function isMeasuredEachTime({ attribute }: Question): boolean {
  const { wears, value } = attributes[attribute];
  return wears && value === 'amount';
}

/** All of this stop's questions that the last bay answers and this walk has not asked here yet. */
export function restSameAsLast(
  place: Place,
  stops: readonly Stop[],
  walk: Walk | undefined,
  stop: Stop,
): SameAs[] {
  return stop.questions
    .filter((question) => !readingIn(walk, question))
    .flatMap((question) => sameAsLast(place, stops, walk, question) ?? []);
}

/**
 * Walls of one zone, along sides of one kind: mesh is never as brick was, nor an apron as a moving pen's edge. Of a house the walls to the
 * run are as those to the outside.
 */
export function isLikeWall(place: Place, a: BayId | undefined, b: BayId | undefined): boolean {
  const [one, other] = [a, b].map((id) =>
    id === undefined ? undefined : findBay(place, id)?.face,
  );
  return (
    one !== undefined &&
    other !== undefined &&
    isUpright(one) === isUpright(other) &&
    (isUpright(one) || one.kind === other.kind) &&
    zoneOf(place, one) === zoneOf(place, other) &&
    new Set([sideOf(place, one), sideOf(place, other)].filter(Boolean)).size < 2
  );
}

const isUpright = ({ kind }: Face): boolean => kind === 'wall' || kind === 'partition';

/** Between two zones a wall is of the one that is built closer: a house's towards the run, not the run's. */
const closerBuilt: readonly ZoneKind[] = ['nest-box', 'house', 'under-house', 'run'];

function zoneOf({ zones }: Place, { between }: Face): ZoneId | undefined {
  const own = zones.filter(({ id }) => between.includes(id));
  return closerBuilt.flatMap((kind) => own.filter((zone) => zone.kind === kind)).at(0)?.id;
}

/** What the wall's own zone runs along there; not known of a house's back that stands in a side of the run. */
function sideOf(place: Place, face: Face): SideKind | undefined {
  const own = place.zones.find(({ id }) => id === zoneOf(place, face));
  return own?.outline.sides.find(({ id }) => id === face.along)?.kind;
}

/** Stops at walls like that of this question which come before it, in walking order; none for what is never alike. */
export function likeStopsBefore(
  place: Place,
  stops: readonly Stop[],
  question: Question,
): readonly Stop[] {
  if (question.bay === undefined || !attributes[question.attribute].isAlike) return [];
  const index = stops.findIndex(({ questions }) => questions.some(({ id }) => id === question.id));
  return stops
    .slice(0, Math.max(index, 0))
    .filter(({ bay }) => bay !== undefined && isLikeWall(place, bay, question.bay));
}

/** The same kind of reading at the same height; a wall of another build has no twin. */
function isTwin(place: Place, a: Question, b: Question): boolean {
  if (a.attribute !== b.attribute || a.opening !== undefined || b.opening !== undefined)
    return false;
  const band = a.band?.join() === b.band?.join();
  return band && layerOf(place, a) === layerOf(place, b);
}

/** Which layer of its band, counted from the outside; or which strand from below. */
function layerOf(place: Place, { bay, item }: Question): number {
  const own = bay === undefined ? undefined : findBay(place, bay)?.bay;
  const strand = own?.strands.findIndex(({ id }) => id === item) ?? -1;
  if (strand >= 0) return strand;
  const band = own?.bands.find(({ layers }) => layers.some(({ id }) => id === item));
  return band?.layers.findIndex(({ id }) => id === item) ?? -1;
}
