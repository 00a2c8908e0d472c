/** A walk: a dated list of readings. Nothing is overwritten; a later reading of the same thing stands above it. */
import { most } from '../schema/limits';
import { attributeIds, attributes, type AttributeId } from '../attributes';
import { intervalSchema, isSchema, type Interval, type Is } from '../place/possible';
import { keptFields } from './kept';
import { day, id, instant, length, text } from '../schema/common';
import {
  byField,
  constant,
  flag,
  list,
  named,
  note,
  object,
  oneOf,
  optional,
  union,
  type Schema,
  type TypeOf,
} from '../schema/schema';

/** No walks at all: `said`, what the keeper said of the place from memory; `device`, what something that measures by itself read. */
export const walkKinds = ['lap', 'measure-again', 'said', 'device'] as const;
/** Whether a walk was done or told from memory. */
export type WalkKind = (typeof walkKinds)[number];

/** What a walk is for; all but the first ask less. */
export const walkPurposes = [
  'full',
  'settle',
  'weak',
  'storm',
  'loss',
  'moved',
  'fence',
  'earth',
  'battery',
] as const;
/** What a walk is for: all of it, or a short one. */
export type WalkPurpose = (typeof walkPurposes)[number];

/** Where a stop that was put off goes. */
export const putOffTo = ['later', 'another-day'] as const;

const putOffSchema = object({
  /** A stop's id; see walk/stops.ts. */
  stop: text,
  to: oneOf(putOffTo),
});
/** A stop left for later. */
export interface PutOff extends TypeOf<typeof putOffSchema> {}

/** `looked`: looked at and said to be still so; the last figure stands, and no mend is held by it. */
export const readingMethods = ['measured', 'probed', 'estimated', 'looked', 'remembered'] as const;
/** How a reading was taken. */
export type ReadingMethod = (typeof readingMethods)[number];

const cannotTell = constant('cannot-tell');

/** What a reading says; of an amount in the attribute's unit. */
export type ReadingValue = Is<number> | Interval | Is<string> | 'cannot-tell';

const readingOf = (ids: readonly AttributeId[], told: Schema<ReadingValue>) =>
  object({
    id,
    item: id,
    attribute: oneOf(ids),
    /** When it was recorded. */
    at: instant,
    how: oneOf(readingMethods),
    value: union([cannotTell, told], (value) => (value === 'cannot-tell' ? cannotTell : told)),
    note: optional(note(2000)),
  });

const amounts = named(
  'amountReading',
  readingOf(
    attributeIds.filter((id) => attributes[id].value === 'amount'),
    byField({ is: isSchema(length), from: intervalSchema }),
  ),
);

/** Reads nothing, and says which attributes there are. */
const unknownAttribute = readingOf(attributeIds, byField({ is: isSchema(length) }));

/** One for all amounts, one for each list of choices. */
const readingSchemas = new Map<AttributeId, typeof amounts>();
for (const id of attributeIds) readingSchemas.set(id, schemaFor(id));

function schemaFor(id: AttributeId): typeof amounts {
  const attribute = attributes[id];
  if (attribute.value === 'amount') return amounts;
  const { choices } = attribute;
  const alike = attributeIds.filter((other) => {
    const it = attributes[other];
    return it.value === 'choice' && it.choices === choices;
  });
  const known = alike.map((other) => readingSchemas.get(other)).find((it) => it !== undefined);
  return known ?? readingOf(alike, isSchema(oneOf(choices)));
}

/** A reading, checked as its attribute has it. */
export const readingSchema = named(
  'reading',
  union([...new Set(readingSchemas.values())], (value) => {
    const given: unknown =
      typeof value === 'object' && value !== null && 'attribute' in value && value.attribute;
    // What an unknown attribute is read by refuses it, with what is wrong: the attribute.
    return readingSchemas.get(given as AttributeId) ?? unknownAttribute;
  }),
);
/** What a walk found of one attribute of one item. */
export interface Reading extends TypeOf<typeof readingSchema> {}

/** A walk. */
export const walkSchema = named(
  'walk',
  object({
    ...keptFields,
    /** Day of the walk. */
    date: day,
    kind: oneOf(walkKinds),
    ended: flag,
    /** Absent: the whole walk. */
    purpose: optional(oneOf(walkPurposes)),
    /** The bays a walk of what was weak goes to, or a walk after a loss begins with, as they were when it began. */
    bays: optional(list(text)),
    /** The questions that a walk which settles the answer asks, as they were when it began. */
    asks: optional(list(text)),
    /** Round the other way: against the order in which the sides were paced. */
    backwards: optional(constant(true)),
    putOff: optional(list(putOffSchema)),
    readings: list(readingSchema, most.readings),
  }),
);
/** A walk with its readings. */
export interface Walk extends TypeOf<typeof walkSchema> {}
