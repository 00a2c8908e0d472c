/**
 * Which unread readings could still change the answer: the ways in of any scenario, or a hold by more than a point. The rest can be left
 * unread: whatever they turn out to be, ways in and holds are as said.
 *
 * Each bay, and in a bay that matters each reading, is set to its best and to its worst with all other unread at their best, then with all
 * others at their worst. What changes nothing either way is folded; at the end all folded together are tried at both ends with the rest
 * unread. More is worse never less (property of the judgement), so that between those ends nothing differs either.
 */
import { withLine } from '../fence/with-line';
import type { BayId, ItemId, Place } from '../place/place';
import type { Possible } from '../place/possible';
import { setAttributes, type Values } from '../records/set-attribute';
import type { AttributeId } from '../attributes';
import { questionsOf, type Question } from '../walk/questions';
import { answersOn, isSame, type Answers, type Day } from './answers';
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
  const told = answersOn(day, found);
  const at = (end: End) => withAt(found, open, end);
  const bases = { best: at('best'), worst: at('worst') };
  const answers = { best: told(bases.best), worst: told(bases.worst) };
  /** Whether it makes no difference, with all others at their best, and at their worst. */
  const isIdle = (some: readonly Question[]): boolean =>
    isSame(answers.best, told(withAt(bases.best, some, 'worst'))) &&
    isSame(answers.worst, told(withAt(bases.worst, some, 'best')));
  const byBay = [...grouped(open).values()];
  const idleBays = byBay.filter(isIdle);
  const idleReadings = byBay
    .filter((some) => !idleBays.includes(some) && some.length > 1)
    .map((some) => some.filter((question) => isIdle([question])));
  const folded = allHolding(found, told, [idleReadings, [], undefined], idleBays);
  const ids = new Set(folded.map(({ id }) => id));
  return { matters: unread.filter(({ id }) => !ids.has(id)), folded };
}

/** The most of what was found idle that is so all together: with single readings, with whole bays alone, or none. */
function allHolding(
  found: Place,
  told: (place: Place) => Answers,
  tries: readonly (readonly (readonly Question[])[] | undefined)[],
  bays: readonly (readonly Question[])[],
): Question[] {
  for (const singles of tries) {
    if (!singles) return [];
    const all = [...bays, ...singles].flat();
    const [best, worst] = (['best', 'worst'] as const).map((end) => told(withAt(found, all, end)));
    if (best && worst && isSame(best, worst)) return all;
  }
  return [];
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

/** The place with these readings at one of their ends. */
export function withAt(place: Place, questions: readonly Question[], end: End): Place {
  const values = new Map<ItemId, Map<AttributeId, Possible>>();
  for (const { item, attribute } of questions) {
    const value = endsOf(attribute)?.[end];
    if (!value) continue;
    const own = values.get(item) ?? new Map<AttributeId, Possible>();
    values.set(item, own.set(attribute, value));
  }
  return withLine(setAttributes(place, values satisfies Values));
}
