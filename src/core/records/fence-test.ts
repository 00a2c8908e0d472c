/** Tests on the electric line while a leak is looked for: each is an entry of its own, so that nothing is lost between two of them. */
import { keptFields } from './kept';
import { day, id, instant, text } from '../schema/common';
import { amount, byTag, constant, object, oneOf, type TypeOf } from '../schema/schema';
import { touching } from '../tables/shocking';

/** kV; no energizer for stock gives more. */
const volts = amount(0, 15);

const madeSchema = byTag('by', {
  /** Read in a bay, the line whole. */
  read: object({ by: constant('read'), bay: text, volts }),
  /** Opened before a bay, on its side towards the bay before it on the line, and read on the side that is fed. */
  open: object({ by: constant('open'), before: text, volts }),
  /** Looked at closely, and nothing found there. */
  clear: object({ by: constant('clear'), bay: text }),
  /** Where it was, and what. */
  found: object({ by: constant('found'), bay: text, touched: oneOf(touching) }),
  /** The wire was broken, or a joint undone, in this bay or on the way into it. */
  broken: object({ by: constant('broken'), bay: text }),
});
/** A test, or the end of a search. */
export type FenceTestMade = TypeOf<typeof madeSchema>;

/** A test of the line. */
export const fenceTestSchema = object({
  ...keptFields,
  date: day,
  what: constant('fence-test'),
  /** When: a leak that comes and goes is told by it. */
  at: instant,
  /** Tests of one search share this. */
  search: id,
  made: madeSchema,
});
/** One test of a search for a leak. */
export interface FenceTest extends TypeOf<typeof fenceTestSchema> {}
