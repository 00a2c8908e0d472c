/** Answers of a list that stand somewhere at this place already: whoever has chicken wire at one wall may have it at the next. */
import type { AttributeId } from '../attributes';
import { isKnown } from '../place/possible';
import type { Place } from '../place/place';
import { questionsOf } from './questions';

/** Ids of choices; in no order. */
export function choicesInUse(place: Place, attribute: AttributeId): ReadonlySet<string> {
  const known = questionsOf(place).filter((it) => it.attribute === attribute);
  return new Set(known.flatMap(({ known: it }) => (isKnown<string>(it) ? [it.is] : [])));
}
