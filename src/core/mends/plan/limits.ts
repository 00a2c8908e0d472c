import { amount, list, object, optional, text, type TypeOf } from '../../schema/schema';

/** More of either is no limit any keeper sets (assumption of ours). */
const most = 100_000_000;
/** Ids of candidates: what they mend, and how. */
const candidateIds = list(text(400));

/** What the keeper allows a plan: money, time, what must and must not be. */
export const limitsSchema = object({
  /** Hundredths of the keeper's money; absent: no end of it. */
  cents: optional(amount(0, most)),
  /** Of work. */
  minutes: optional(amount(0, most)),
  /** No single mend may take longer, minutes. */
  longest: optional(amount(0, most)),
  /** Candidates that are to be in it, whatever they bring. */
  must: optional(candidateIds),
  /** Candidates that are not to be in it. */
  wont: optional(candidateIds),
});
/** What a plan may take, and what the keeper has said of single mends. */
export interface Limits extends TypeOf<typeof limitsSchema> {}
