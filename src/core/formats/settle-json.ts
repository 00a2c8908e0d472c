/** What `npm run -s assess -- FILE --settle --json` prints: which unread readings could still change the answer. */
import type { Question } from '../walk/questions';
import type { SettlingWalk } from '../settle/settling-walk';

/** A reading by item and attribute, as files name it. */
export interface SettleReading {
  readonly bay: string | null;
  readonly item: string;
  readonly attribute: string;
}

/** Readings that could still change the answer, those that could not, and those a walk that settles it takes. */
export interface SettleDocument {
  readonly matters: readonly SettleReading[];
  readonly folded: readonly SettleReading[];
  readonly asks: readonly SettleReading[];
}

export function settleJson({ matters, folded, asks }: SettlingWalk): SettleDocument {
  return { matters: matters.map(named), folded: folded.map(named), asks: asks.map(named) };
}

const named = ({ bay, item, attribute }: Question): SettleReading => ({
  bay: bay ?? null,
  item,
  attribute,
});
