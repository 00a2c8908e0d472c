/** The document that `npm run -s assess -- FILE --settle --json` prints, described once: its type and its JSON Schema come from here. */
import { attributeIds } from '../attributes';
import { day, id, text } from '../schema/common';
import {
  constant,
  list,
  named,
  note,
  nullable,
  object,
  oneOf,
  type TypeOf,
} from '../schema/schema';

/** Raised whenever a reader of the document would have to know. */
export const settleVersion = 1;

const readingSchema = named(
  'reading',
  object({ bay: nullable(text), item: id, attribute: oneOf(attributeIds) }),
  'A reading nobody has taken, by item and attribute as files name it; `bay` is null where it belongs to none.',
);
/** A reading by item and attribute, as files name it. */
export interface SettleReading extends TypeOf<typeof readingSchema> {}

/** What `assess --settle --json` prints. */
export const settleSchema = object({
  version: constant(settleVersion),
  place: note(),
  date: nullable(day),
  /** Those that could still change a way in, or the hold by more than one. */
  matters: list(readingSchema),
  /** Those that could not, whatever they turn out to be. */
  folded: list(readingSchema),
  /** Of the first, those that settle the answer where they are found as they should be; in walking order. */
  asks: list(readingSchema),
});
/** Which unread readings could still change the answer. */
export interface SettleDocument extends TypeOf<typeof settleSchema> {}
