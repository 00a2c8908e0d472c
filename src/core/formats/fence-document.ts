/** The document that `npm run -s fence -- FILE --json` prints, described once: its type and its JSON Schema come from here. */
import { day, text } from '../schema/common';
import {
  amount,
  byField,
  byTag,
  constant,
  flag,
  list,
  note,
  nullable,
  object,
  oneOf,
  optional,
  whole,
  type TypeOf,
} from '../schema/schema';
import { grounds } from '../tables/fence-ground';
import { touching } from '../tables/shocking';

/** Raised whenever a reader of the document would have to know. */
export const fenceVersion = 4;

const kilovolts = amount(0);

const testSchema = byTag('kind', {
  read: object({ kind: constant('read'), bay: text }),
  open: object({ kind: constant('open'), before: text }),
});

/** What `fence --json` prints. */
export const fenceSchema = object({
  version: constant(fenceVersion),
  place: note(),
  date: day,
  ground: oneOf(grounds),
  /** kV that the animals living here ask for. */
  needed: kilovolts,
  /** In the order of the line. */
  bays: list(
    object({
      bay: text,
      name: text,
      /** On the wire, kV; and what of it reaches an animal, kV as the tables mean them. */
      volts: kilovolts,
      reaching: kilovolts,
      /** `reaching` over `volts`. */
      share: amount(0, 1),
      isRead: flag,
      touched: nullable(oneOf(touching)),
    }),
  ),
  /** The rods while the line runs, kV, worked out; as the earth test read them; what they resist, Ω. */
  stake: nullable(kilovolts),
  stakeRead: nullable(kilovolts),
  earthOhms: nullable(amount(0)),
  /**
   * Rods of the kind in hand until the earth test reads 300 V, by what the stake reads (`stakeRead`), else by plate and ground; null: not
   * known, or not even fifty would do.
   */
  rodsMissing: nullable(whole(0, 50)),
  /** Nights left, with their band, where nobody has read the battery of a full one (`changeOn` is null); null: the mains, not known, or carried by its panel. */
  nights: nullable(object({ value: amount(0), from: amount(0), to: nullable(amount(0)) })),
  changeOn: nullable(day),
  /** What to do first. */
  first: oneOf([
    'flat',
    'handle-off',
    'unread',
    'energizer',
    'touching',
    'leak',
    'earth-unread',
    'rods',
    'dry',
    'weak',
    'battery',
    'sound',
  ]),
  /** The test that tells most, once a leak is to be looked for; or where it is, or where to look. */
  next: nullable(
    byField({
      test: object({ test: testSchema }),
      /** `broken`: no leak; the wire no longer leads into that bay. `poor`: a joint before that bay leads poorly. */
      found: object({
        found: text,
        broken: optional(constant(true)),
        poor: optional(constant(true)),
      }),
      look: object({ look: list(text) }),
    }),
  ),
});
/** A described line on a day. */
export interface FenceDocument extends TypeOf<typeof fenceSchema> {}
