/** What every record of a place carries: its own name, the place's, and by which phone it was last written. */
import { id, instant } from '../schema/common';
import { named, object, optional, type TypeOf } from '../schema/schema';

/** When and on which phone a record was written. */
export const writtenSchema = named(
  'written',
  object({
    /** Never before the time it was written before. */
    at: instant,
    /** The phone's id; see place/versions.ts. */
    by: id,
  }),
);
/** When a record was last written, and on which phone. */
export interface Written extends TypeOf<typeof writtenSchema> {}

/** Absent `written`: by a version that did not say so, or in a file that was written by hand. */
export const keptFields = { id, placeId: id, written: optional(writtenSchema) } as const;
