/**
 * The stops of a walk, computed from the place: where a keeper stands, in walking order, and what is asked there. What cannot matter is
 * not asked; a short walk asks less (purposes.ts); what was put off is at the end, or left out and said to be.
 */
import { attributes } from '../attributes';
import { walkSections, type Attribute, type WalkSection } from '../attributes/attribute';
import type { FoundPlace } from '../records/apply-readings';
import { innerWalls, lapOf } from '../place/lap';
import type { BayId } from '../place/place';
import type { Walk } from '../records/walk';
import { checksOf, layersOff } from './checks';
import { isAsked } from './purposes';
import { isLast, questionsOf, type Question } from './questions';

/** Where one stands while several questions are asked. */
export interface Stop {
  /** A bay's id, or the section's where it belongs to no bay; the section before a zone's, or a bay's that is come to twice. */
  readonly id: string;
  readonly section: WalkSection;
  readonly bay?: BayId;
  /** Name of the zone, where there is a stop for each zone. */
  readonly name?: string;
  readonly questions: readonly Question[];
}

/** Stops still to come, and those left for another day. */
export interface Stops {
  readonly stops: readonly Stop[];
  /** Left for another day by the keeper. */
  readonly anotherDay: readonly Stop[];
}

/** What of a walk decides where it goes. */
export type Course = Pick<Walk, 'purpose' | 'bays' | 'asks' | 'backwards' | 'putOff'>;

/** `day`: YYYY-MM-DD; what is off at that time of year is asked for differently. */
export function stopsOf(found: FoundPlace, course: Course, day: string): Stops {
  const all = allStops(found, day).flatMap((stop) => {
    const questions = stop.questions
      .filter((question) => isAsked(course, question))
      .map((question) => ofWholeFrame(course, question));
    return questions.length > 0 ? [{ ...stop, questions }] : [];
  });
  const put = new Map((course.putOff ?? []).map(({ stop, to }) => [stop, to]));
  const round = firstOf(course, course.backwards ? backwards(all) : all);
  const shut = round.filter(({ section }) => section === 'shut');
  const before = round.filter(({ section }) => section !== 'shut');
  const later = before.filter(({ id }) => put.get(id) === 'later');
  return {
    stops: [
      ...before.filter(({ id }) => !put.has(id)),
      ...later,
      ...shut.filter(({ id }) => put.get(id) !== 'another-day'),
    ],
    anotherDay: round.filter(({ id }) => put.get(id) === 'another-day'),
  };
}

/** What is read at the first wall of a frame for all of them, in this walk. */
function ofWholeFrame({ purpose }: Course, question: Question): Question {
  if (question.frame !== 'first') return question;
  const { ofFrame }: Pick<Attribute, 'ofFrame'> = attributes[question.attribute];
  const isWhole = ofFrame === 'always' || purpose === 'moved';
  return isWhole ? { ...question, isOfWholeFrame: true } : question;
}

/** After a loss: where it most likely came in first, in that order, then the rest as ever. */
function firstOf({ purpose, bays = [] }: Course, stops: readonly Stop[]): readonly Stop[] {
  if (purpose !== 'loss' || bays.length === 0) return stops;
  const first = bays.flatMap((bay) => stops.filter((stop) => stop.bay === bay));
  return [...first, ...stops.filter((stop) => !first.includes(stop))];
}

/** From the gate the other way: the gate's bay stays the first. */
function backwards(stops: readonly Stop[]): Stop[] {
  const lap = stops.filter(({ section }) => section === 'lap');
  const [gate, ...rest] = lap;
  const turned = gate ? [gate, ...rest.reverse()] : [];
  return walkSections.flatMap((section) =>
    section === 'lap' ? turned : stops.filter((stop) => stop.section === section),
  );
}

function allStops(found: FoundPlace, day: string): Stop[] {
  const { place } = found;
  const off = new Set(layersOff(place, day).map(({ layer }) => layer.id));
  // What is off is not looked at for its openings.
  const judged = questionsOf(place).filter(({ item }) => !off.has(item));
  const asked = [...judged, ...checksOf(found, day)];
  const walls = [...lapOf(place).bays, ...innerWalls(place).bays].map(({ bay }) => bay.id);
  // What is asked of a whole zone comes where one goes in; floors and flat roofs after the walls.
  const rank = ({ bay }: Stop) =>
    bay === undefined ? -1 : walls.includes(bay) ? walls.indexOf(bay) : walls.length;
  // From inside, zone by zone as the keeper has them.
  const inside = place.zones.map(({ id }) => `inside-${id}`);
  return walkSections.flatMap((section) => {
    const stops = stopsOfSection(
      section,
      asked.filter((question) => question.section === section),
    );
    if (section === 'inside')
      return stops.sort((a, b) => inside.indexOf(a.id) - inside.indexOf(b.id));
    return section === 'lap' || section === 'house'
      ? stops.sort((a, b) => rank(a) - rank(b))
      : stops;
  });
}

function stopsOfSection(section: WalkSection, asked: readonly Question[]): Stop[] {
  const groups = new Map<string, Question[]>();
  for (const question of asked) {
    const id = stopId(section, question);
    const group = groups.get(id);
    if (group) group.push(question);
    else groups.set(id, [question]);
  }
  return [...groups].map(([id, questions]): Stop => {
    const [first] = questions;
    const bay = section === 'fence' || first?.from !== undefined ? undefined : first?.bay;
    const name = bay === undefined && section !== 'overhead' ? first?.name : undefined;
    const at = { ...(bay !== undefined && { bay }), ...(name !== undefined && { name }) };
    return { id, section, ...at, questions: inOrder(questions) };
  });
}

function stopId(section: WalkSection, { bay, item, from }: Question): string {
  if (section === 'distance' || section === 'fence' || section === 'shut') return section;
  // One look up from the ground, at all roofs.
  if (section === 'overhead' && bay === undefined) return section;
  // From inside all walls of a zone are looked at from one place, with what is asked of the zone itself.
  const at = from ?? bay ?? item;
  return section === 'lap' ? at : `${section}-${at}`;
}

/** As they come, but what is asked last: from inside, after the looks at the zone itself. */
function inOrder(questions: readonly Question[]): Question[] {
  const before = questions.filter((it) => !isLast(it));
  return [...forcesAfterLatches(before), ...questions.filter(isLast)];
}

/** A latch's force after its kind; everything else as it comes. */
function forcesAfterLatches(questions: readonly Question[]): Question[] {
  const forces = questions.filter(({ attribute }) => attribute === 'check.force');
  return questions
    .filter((question) => !forces.includes(question))
    .flatMap((question) => [
      question,
      ...(question.attribute === 'latch.kind'
        ? forces.filter(({ item }) => item === question.item)
        : []),
    ]);
}
