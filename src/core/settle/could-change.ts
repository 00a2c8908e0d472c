/**
 * Which unread readings could still change the answer: the ways in of any scenario, or a hold by more than a point. The rest can be left
 * unread: whatever they turn out to be, ways in and holds are as said.
 *
 * Each bay, and in a bay that matters each reading, is set to its best and to its worst with all other unread at their best, then with all
 * others at their worst. What changes nothing either way is folded; at the end all folded together are tried at both ends with the rest
 * unread. More is worse never less (property of the judgement), so that between those ends nothing differs either.
 */
import { withLine } from '../fence/with-line';
import { answersBy, getOrMake } from '../memo';
import type { Bay, BayId, Face, ItemId, Place } from '../place/place';
import type { Possible } from '../place/possible';
import { setAttributes, setBayAttributes, type Values } from '../records/set-attribute';
import type { AttributeId } from '../attributes';
import { questionsOf, type Question } from '../walk/questions';
import { answersOn, type Answers, type Day, type Told } from './answers';
import { comparison, settledBetween } from './same-answers';
import { endsOf } from './ends';

type End = 'best' | 'worst';

/** Unread questions by id: those that could change something, and those that could not. */
export interface Settling {
  readonly matters: readonly Question[];
  readonly folded: readonly Question[];
}

/** `found`: with readings laid over it. */
export function couldChange(found: Place, day: Day): Settling {
  const unread = questionsOf(found).filter(({ answered }) => !answered);
  const [open, unordered] = [
    unread.filter(({ attribute }) => endsOf(attribute)),
    unread.filter(({ attribute }) => !endsOf(attribute)),
  ];
  if (open.length === 0) return { matters: unordered, folded: [] };
  const [told, isSame] = [answersOn(day, found), comparison()];
  const { bases, answers } = bothEnds(found, open, told);
  if (isSame(answers.best, answers.worst)) return { matters: unordered, folded: open };
  const settled = settledBetween(answers.best, answers.worst);
  /** Whether it makes no difference, with all others at their best, and at their worst. */
  const isIdle = (some: readonly Question[]): boolean =>
    isSame(answers.best, told(withAt(bases.best, some, 'worst'), settled)) &&
    isSame(answers.worst, told(withAt(bases.worst, some, 'best'), settled));
  const byBay = [...grouped(open).values()];
  const idleBays = byBay.filter(isIdle);
  const idleReadings = byBay
    .filter((some) => !idleBays.includes(some) && some.length > 1)
    .map((some) => some.filter((question) => isIdle([question])));
  const isIdleTogether = (some: readonly Question[]): boolean =>
    isSame(told(withAt(found, some, 'best'), settled), told(withAt(found, some, 'worst'), settled));
  const folded =
    [[...idleBays, ...idleReadings], idleBays].map((some) => some.flat()).find(isIdleTogether) ??
    [];
  const ids = new Set(folded.map(({ id }) => id));
  return { matters: unread.filter(({ id }) => !ids.has(id)), folded };
}

/**
 * Whether none of these could still change anything. More is worse never less, so that they could not where their two ends all together
 * say the same; what is asked besides (by an id that is not known) may.
 */
export function isSettledBut(found: Place, day: Day, known: ReadonlySet<string>): boolean {
  const unread = questionsOf(found).filter(({ answered }) => !answered);
  if (unread.some(({ id, attribute }) => known.has(id) && !endsOf(attribute))) return false;
  const open = unread.filter(({ attribute }) => endsOf(attribute));
  const { answers } = bothEnds(found, open, answersOn(day, found));
  if (comparison()(answers.best, answers.worst)) return true;
  if (open.every(({ id }) => known.has(id))) return false;
  return couldChange(found, day).matters.every(({ id }) => !known.has(id));
}

function bothEnds(
  found: Place,
  open: readonly Question[],
  told: Told,
): { readonly bases: Record<End, Place>; readonly answers: Record<End, Answers> } {
  const bases = { best: withAt(found, open, 'best'), worst: withAt(found, open, 'worst') };
  return { bases, answers: { best: told(bases.best), worst: told(bases.worst) } };
}

function grouped(questions: readonly Question[]): Map<BayId | undefined, Question[]> {
  const groups = new Map<BayId | undefined, Question[]>();
  for (const question of questions) {
    const own = groups.get(question.bay);
    if (own) own.push(question);
    else groups.set(question.bay, [question]);
  }
  return groups;
}

/** The place with these readings at one of their ends. Asked again, its walls are the same objects, so that their judgement can be kept. */
export function withAt(place: Place, questions: readonly Question[], end: End): Place {
  const byBay = grouped(questions);
  const faces = place.faces.map((face) => faceAt(face, byBay, end));
  const fence = setAttributes({ ...place, faces: [] }, valuesAt(questions, end)).fence;
  return withLine({ ...place, faces, ...(fence && { fence }) });
}

const facesAt = answersBy<Face, Map<string, Face>>();
const baysAt = answersBy<Bay, Map<string, Bay>>();

function faceAt(
  face: Face,
  byBay: ReadonlyMap<BayId | undefined, readonly Question[]>,
  end: End,
): Face {
  const asked = face.bays.flatMap(({ id }) => byBay.get(id) ?? []);
  if (asked.length === 0) return face;
  return getOrMake(
    getOrMake(facesAt, face, () => new Map<string, Face>()),
    keyOf(asked, end),
    () => ({ ...face, bays: face.bays.map((bay) => bayAt(bay, byBay.get(bay.id) ?? [], end)) }),
  );
}

function bayAt(bay: Bay, asked: readonly Question[], end: End): Bay {
  if (asked.length === 0) return bay;
  return getOrMake(
    getOrMake(baysAt, bay, () => new Map<string, Bay>()),
    keyOf(asked, end),
    () => setBayAttributes(bay, valuesAt(asked, end)),
  );
}

const keyOf = (asked: readonly Question[], end: End): string =>
  [end, ...asked.map(({ id }) => id)].join(' ');

function valuesAt(questions: readonly Question[], end: End): Values {
  const values = new Map<ItemId, Map<AttributeId, Possible>>();
  for (const { item, attribute } of questions) {
    const value = endsOf(attribute)?.[end];
    if (!value) continue;
    const own = values.get(item) ?? new Map<AttributeId, Possible>();
    values.set(item, own.set(attribute, value));
  }
  return values;
}
