/** The document that `npm run -s signs -- FILE --found FILE --json` prints, described once: its type and its JSON Schema come from here. */
import { signSchema } from '../records/found-signs';
import { culpritSchema } from '../records/sighting';
import { day, text } from '../schema/common';
import {
  amount,
  constant,
  flag,
  list,
  note,
  nullable,
  object,
  oneOf,
  type TypeOf,
} from '../schema/schema';
import { signQuestions } from '../tables/signs';

/** Raised whenever a reader of the document would have to know. */
export const signsVersion = 1;

const share = amount(0, 1);

/** What `signs --json` prints. */
export const signsSchema = object({
  version: constant(signsVersion),
  place: note(),
  date: day,
  /** What was found, with what follows from the count. */
  signs: list(signSchema),
  /** Likeliest first; shares add up to one. */
  who: list(
    object({
      culprit: culpritSchema,
      share,
      speaksFor: list(signSchema),
      speaksAgainst: list(signSchema),
    }),
  ),
  /** Each culprit by each outermost bay; `bay` is null for a way that nobody knows, or for birds in the open. */
  ways: list(
    object({
      culprit: culpritSchema,
      bay: nullable(text),
      share,
      isUnread: flag,
      isInTheOpen: flag,
    }),
  ),
  /** Outermost bays in the order in which to look at them. */
  look: list(text),
  /** What tells most if it is asked next. */
  next: nullable(oneOf(signQuestions)),
});
/** Who it may have been, and by which way. */
export interface SignsDocument extends TypeOf<typeof signsSchema> {}
