/** "The same as the last bay": what was read at the bay before, for what can be alike from bay to bay. */
import { findBay } from '../place/find';
import type { BayId, Face, Place } from '../place/place';
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

/** The same question at the last bay of this section, if this walk has answered it. */
export function sameAsLast(
  place: Place,
  stops: readonly Stop[],
  walk: Walk | undefined,
  question: Question,
): SameAs | undefined {
  const before = bayBefore(place, stops, question);
  const twin = before?.questions.find((it) => isTwin(place, it, question));
  const reading = twin && readingIn(walk, twin);
  if (!before?.bay || !reading || reading.value === 'cannot-tell') return undefined;
  return { question, reading, bay: before.bay };
}

/** The same less what must be measured bay by bay: gaps, holes, what gives by hand. */
export function alikeAsLast(
  place: Place,
  stops: readonly Stop[],
  walk: Walk | undefined,
  stop: Stop,
): SameAs[] {
  return restSameAsLast(place, stops, walk, stop).filter(
    ({ question }) => !isMeasuredEachTime(question),
  );
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

/** A wall of the same kind between the same two zones, along a side of the same kind: mesh is never as brick was, nor an apron as a moving pen's edge. */
function isLikeWall(place: Place, a: BayId | undefined, b: BayId | undefined): boolean {
  const [one, other] = [a, b].map((id) =>
    id === undefined ? undefined : findBay(place, id)?.face,
  );
  if (!one || !other || one.kind !== other.kind) return false;
  const zones = (face: Face) => [...face.between].sort().join(' ');
  return zones(one) === zones(other) && sideKindOf(place, one) === sideKindOf(place, other);
}

function sideKindOf({ zones }: Place, { along }: Face): string | undefined {
  return zones.flatMap(({ outline }) => outline.sides).find(({ id }) => id === along)?.kind;
}

function bayBefore(place: Place, stops: readonly Stop[], question: Question): Stop | undefined {
  if (question.bay === undefined || !attributes[question.attribute].isAlike) return undefined;
  const index = stops.findIndex(({ questions }) => questions.some(({ id }) => id === question.id));
  const here = stops[index];
  return stops
    .slice(0, Math.max(index, 0))
    .findLast(
      ({ bay, section }) =>
        bay && section === here?.section && isLikeWall(place, bay, question.bay),
    );
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
