/** What `npm run -s assess -- FILE --settle --json` prints: which unread readings could still change the answer. Its schema stands in docs/format/settle.schema.json. */
import type { Place } from '../place/place';
import type { SettlingWalk } from '../settle/settling-walk';
import type { Question } from '../walk/questions';
import { settleVersion, type SettleDocument, type SettleReading } from './settle-document';

/** `date`: YYYY-MM-DD of the judgement; absent where no walk is on record. */
export function settleJson(
  { name }: Place,
  { matters, folded, asks }: SettlingWalk,
  date: string | undefined,
): SettleDocument {
  return {
    version: settleVersion,
    place: name,
    date: date ?? null,
    matters: matters.map(named),
    folded: folded.map(named),
    asks: asks.map(named),
  };
}

const named = ({ bay, item, attribute }: Question): SettleReading => ({
  bay: bay ?? null,
  item,
  attribute,
});
