/** A stop as one screen: what is read there, row by row, with what stands and what a look is enough for. */
import { attributes } from '../attributes';
import type { Reading, Walk } from '../records/walk';
import { readingIn } from './open-walk';
import type { Question } from './questions';
import type { Stop } from './stops';

/**
 * `read`: answered on this walk. `unread`: nobody knows. `spared`: another reading answers it (a mesh by its kind clears so much), so it may be
 * left. `hangs`: the answer hangs on it, so it is taken anew. `as-before`: a look at it is
 * enough, and the big button says that it was looked at.
 */
export type RowState = 'read' | 'unread' | 'spared' | 'hangs' | 'as-before';

/** One reading of a stop. */
export interface StopRow {
  readonly question: Question;
  readonly state: RowState;
  /** Of this walk. */
  readonly given?: Reading;
}

/** The rows of a stop. */
export interface StopRows {
  readonly rows: readonly StopRow[];
  /** What the stop is made of and does not wear: one row, opened only where it is not so. */
  readonly madeOf: readonly StopRow[];
  /** What could change nothing, whatever it turns out to be: folded, and read all the same by whoever wishes. */
  readonly folded: readonly StopRow[];
}

/** `hangs`: of a question whether a look is not enough; `changesNothing`: whether it can be left unread. */
export function rowsOf(
  { questions }: Stop,
  walk: Walk | undefined,
  hangs: (question: Question) => boolean,
  changesNothing: (question: Question) => boolean = () => false,
): StopRows {
  const all = questions.map((question): StopRow => {
    const given = readingIn(walk, question);
    return { question, state: stateOf(question, given, hangs), ...(given && { given }) };
  });
  const folded = all.filter(
    ({ question, state }) => state === 'unread' && changesNothing(question),
  );
  const open = all.filter((row) => !folded.includes(row));
  const lasting = open.filter(isLasting);
  // A single one is a row like any other.
  const madeOf = lasting.length > 1 ? lasting : [];
  return { rows: open.filter((row) => !madeOf.includes(row)), madeOf, folded };
}

/** Another reading answers it, so that it need not be taken. */
export const isSpared = ({ answered, known }: Question): boolean => answered && known === undefined;

function stateOf(
  question: Question,
  given: Reading | undefined,
  hangs: (question: Question) => boolean,
): RowState {
  if (given) return 'read';
  const { known } = question;
  const stands = known !== undefined && ('is' in known || 'from' in known);
  if (!stands) {
    return isSpared(question) ? 'spared' : 'unread';
  }
  // What is only looked at is looked at each time: it says nothing for today.
  if (!attributes[question.attribute].isJudged) return 'unread';
  return hangs(question) ? 'hangs' : 'as-before';
}

function isLasting({ question, state }: StopRow): boolean {
  const { wears, isJudged } = attributes[question.attribute];
  return state === 'as-before' && isJudged && !wears;
}

/** Rows that a look is enough for, and that this walk has not taken yet. */
export function toAffirm({ rows, madeOf }: StopRows): StopRow[] {
  return [...rows, ...madeOf].filter(({ state }) => state === 'as-before');
}

/** Rows that have to be touched: nobody knows them, or the answer hangs on them. */
export function toTouch({ rows }: StopRows): StopRow[] {
  return rows.filter(({ state }) => state === 'unread' || state === 'hangs');
}
