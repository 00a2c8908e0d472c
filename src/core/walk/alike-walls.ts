/**
 * What is alike from wall to wall, said once: this wall as one read before, or the walls ahead as this one. Never what wears, and so is read
 * wall by wall: gaps, holes, what gives by hand, its state.
 */
import { attributes } from '../attributes';
import type { Place } from '../place/place';
import { applyReadings, type FoundPlace } from '../records/apply-readings';
import type { Reading, ReadingValue, Walk } from '../records/walk';
import { readingIn, withReading } from './open-walk';
import type { Question } from './questions';
import { isLikeWall, likeStopsBefore, sameAsAt, type SameAs } from './same-as';
import { stopsOf, type Stop } from './stops';

/** A wall read on this walk that this one can be said to be as. */
export interface LikeWall {
  /** The bay it was read at. */
  readonly bay: string;
  readonly readings: readonly SameAs[];
}

/** Walls to come that can be said to be as this one. */
export interface WallsAhead {
  readonly walls: number;
  readonly readings: readonly SameAs[];
}

/** So many walls are offered to be as (more would have to be read through). */
const mostOffered = 2;

/** The walls last read that say something of this one, each something else; the last first. */
export function likeWalls(
  place: Place,
  stops: readonly Stop[],
  walk: Walk | undefined,
  stop: Stop,
): LikeWall[] {
  const asked = stop.questions.filter(isLasting);
  const before = new Set(asked.flatMap((it) => likeStopsBefore(place, stops, it)));
  const offered: LikeWall[] = [];
  const said = new Set<string>();
  for (const like of stops.filter((it) => before.has(it)).reverse()) {
    const readings = asked.flatMap((it) => {
      const same = sameAsAt(place, like, walk, it);
      return same && isToBeSaid(walk, it, same.reading.value) ? [same] : [];
    });
    const what = JSON.stringify(
      readings.map(({ question, reading }) => [question.id, reading.value]),
    );
    if (like.bay === undefined || readings.length === 0 || said.has(what)) continue;
    said.add(what);
    offered.push({ bay: like.bay, readings });
    if (offered.length === mostOffered) break;
  }
  return offered;
}

/** What was read here of what does not wear, for the walls ahead that are like this one and say something else or nothing yet. */
export function wallsAhead(
  place: Place,
  stops: readonly Stop[],
  walk: Walk | undefined,
  stop: Stop,
): WallsAhead {
  const ahead = stops.slice(stops.findIndex(({ id }) => id === stop.id) + 1);
  const alike = ahead.filter(({ bay }) => isLikeWall(place, stop.bay, bay));
  const each = alike.map(({ questions }) =>
    questions
      .filter((it) => isLasting(it) && attributes[it.attribute].isAlike)
      .flatMap((it) => {
        const same = sameAsAt(place, stop, walk, it);
        return same && isToBeSaid(walk, it, same.reading.value) ? [same] : [];
      }),
  );
  const some = each.filter((readings) => readings.length > 0);
  return { walls: some.length, readings: some.flat() };
}

const isLasting = ({ attribute }: Question): boolean =>
  attributes[attribute].isJudged && !attributes[attribute].wears;

/** Nobody has read it, or this walk has it from another wall, by a look, and differently. */
function isToBeSaid(walk: Walk | undefined, question: Question, value: ReadingValue): boolean {
  const given = readingIn(walk, question);
  if (!given) return !question.answered;
  return given.how === 'looked' && JSON.stringify(given.value) !== JSON.stringify(value);
}

/**
 * What one tap says, with the questions that it brings with it (a skirt has its mesh). `find` is asked again until it says nothing new; `day`:
 * YYYY-MM-DD. Ids and times of the readings are not for keeping.
 */
export function withWhatFollows(
  place: Place,
  walks: readonly Walk[],
  walk: Walk,
  day: string,
  find: (found: FoundPlace, stops: readonly Stop[], walk: Walk) => readonly SameAs[],
): SameAs[] {
  const others = walks.filter(({ id }) => id !== walk.id);
  const taken: SameAs[] = [];
  const keys = new Set<string>();
  for (let now = walk; ;) {
    const found = applyReadings(place, [...others, now]);
    const more = find(found, stopsOf(found, now, day).stops, now).filter(
      ({ question }) => !keys.has(question.id),
    );
    if (more.length === 0) return taken;
    for (const same of more) {
      keys.add(same.question.id);
      taken.push(same);
      now = withReading(now, asLooked(same, walk));
    }
  }
}

/** Looked at, as another wall. */
function asLooked({ question: { id, item, attribute }, reading }: SameAs, walk: Walk): Reading {
  const { value } = reading;
  const at = walk.readings.at(-1)?.at ?? reading.at;
  return { id, item, attribute, value, how: 'looked', at };
}
