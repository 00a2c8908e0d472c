/**
 * Which unread readings could still change the answer: the ways in of any scenario, or a hold by more than a point. The rest can be left
 * unread: whatever they turn out to be, ways in and holds are as said.
 *
 * Each bay, and in a bay that matters each reading, is set to its best and to its worst with all other unread at their best, then with all
 * others at their worst. What changes nothing either way is folded; at the end all folded together are tried at both ends with the rest
 * unread. More is worse never less (property of the judgement), so that between those ends nothing differs either.
 */
import type { BayId, ItemId, Place } from '../place/place';
import type { Possible } from '../place/possible';
import type { LogEntry } from '../records/sighting';
import { setAttributes, type Values } from '../records/set-attribute';
import type { AttributeId } from '../attributes';
import { paceOf } from '../routes/pace';
import { judgeAll, type Judgements } from '../score/judge-all';
import { scenarios } from '../score/scenario';
import { questionsOf, type Question } from '../walk/questions';
import { endsOf } from './ends';

/** What a judgement is told besides the place. */
export interface Day {
  /** YYYY-MM-DD */
  readonly date?: string;
  readonly log?: readonly LogEntry[];
}

type End = 'best' | 'worst';

/** Holds closer than this are the same answer, of 100 (figure of the walk: assumption of ours). */
export const samePoint = 1;

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
  const at = (end: End) => withAt(found, open, end);
  const bases = { best: at('best'), worst: at('worst') };
  const answers = { best: answerOf(bases.best, day), worst: answerOf(bases.worst, day) };
  /** Whether it makes no difference, with all others at their best, and at their worst. */
  const isIdle = (some: readonly Question[]): boolean =>
    isSame(answers.best, answerOf(withAt(bases.best, some, 'worst'), day)) &&
    isSame(answers.worst, answerOf(withAt(bases.worst, some, 'best'), day));
  const byBay = [...grouped(open).values()];
  const idleBays = byBay.filter(isIdle);
  const idleReadings = byBay
    .filter((some) => !idleBays.includes(some) && some.length > 1)
    .map((some) => some.filter((question) => isIdle([question])));
  const folded = allHolding(found, day, [idleReadings, [], undefined], idleBays);
  const ids = new Set(folded.map(({ id }) => id));
  return { matters: unread.filter(({ id }) => !ids.has(id)), folded };
}

/** The most of what was found idle that is so all together: with single readings, with whole bays alone, or none. */
function allHolding(
  found: Place,
  day: Day,
  tries: readonly (readonly (readonly Question[])[] | undefined)[],
  bays: readonly (readonly Question[])[],
): Question[] {
  for (const singles of tries) {
    if (!singles) return [];
    const all = [...bays, ...singles].flat();
    const [best, worst] = (['best', 'worst'] as const).map((end) =>
      answerOf(withAt(found, all, end), day),
    );
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
  return setAttributes(place, values satisfies Values);
}

/** What a keeper is told: who comes in by which bay, in every scenario; and the holds with their ranges. */
interface Answer {
  readonly ways: ReadonlySet<string>;
  readonly holds: readonly (number | null)[];
}

function answerOf(place: Place, { date, log = [] }: Day): Answer {
  const judged = judgeAll(place, [], { log, ...(date !== undefined && { date }) });
  return { ways: waysOf(judged), holds: holdsOf(judged) };
}

function waysOf(judged: Judgements): Set<string> {
  return new Set(
    scenarios.flatMap((scenario) => {
      const { waysIn, slowWays } = judged[scenario];
      return [...waysIn, ...slowWays].flatMap(({ by }) =>
        by.map(
          ({ animal, route }) => `${scenario} ${route.steps[0].bay.id} ${animal} ${paceOf(route)}`,
        ),
      );
    }),
  );
}

const holdsOf = (judged: Judgements): (number | null)[] =>
  scenarios.flatMap((scenario) => [judged[scenario].hold.best, judged[scenario].hold.worst]);

function isSame(a: Answer, b: Answer): boolean {
  return (
    a.ways.size === b.ways.size &&
    [...a.ways].every((way) => b.ways.has(way)) &&
    a.holds.every((hold, index) => {
      const other = b.holds[index] ?? null;
      return hold === null || other === null
        ? hold === other
        : Math.abs(hold - other) <= samePoint / 4;
    })
  );
}
