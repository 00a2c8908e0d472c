/** Where the rows of a stop stand as long as one is on its screen: what another reading settles stays where it is, so that nothing moves under a finger. */
import type { Question } from './questions';
import type { StopRow, StopRows } from './stop-rows';

/** The rows of a stop as they stand on its screen. */
export interface RowsInPlace {
  /** In the stop's order; what came back after having been folded stands last. */
  readonly shown: readonly StopRow[];
  /** Of those shown, what would change nothing any more; ids of questions. */
  readonly idle: ReadonlySet<string>;
  /** Folded away since the stop was come to. */
  readonly folded: readonly StopRow[];
}

/**
 * `atFirst`: what was folded when the stop was come to; `waiting`: what was folded by the last answer, while another is worked out: it counts as
 * unread, but does not come and go. Ids of questions.
 */
export function rowsInPlace(
  { rows, folded }: Pick<StopRows, 'rows' | 'folded'>,
  questions: readonly Question[],
  atFirst: ReadonlySet<string>,
  waiting: ReadonlySet<string>,
): RowsInPlace {
  const order = new Map(questions.map(({ id }, index) => [id, index]));
  const at = ({ question }: StopRow): number =>
    (order.get(question.id) ?? 0) + (atFirst.has(question.id) ? order.size : 0);
  const idOf = ({ question }: StopRow): string => question.id;
  const changesNothing = new Set(folded.map(idOf));
  const isFolded = (row: StopRow): boolean =>
    atFirst.has(idOf(row)) &&
    (changesNothing.has(idOf(row)) || (row.state === 'unread' && waiting.has(idOf(row))));
  const all = [...rows, ...folded].sort((a, b) => at(a) - at(b));
  return {
    shown: all.filter((row) => !isFolded(row)),
    idle: new Set(folded.filter((row) => !isFolded(row)).map(idOf)),
    folded: all.filter(isFolded),
  };
}
