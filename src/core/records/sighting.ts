/** What was seen of an animal, or not seen: the log that moves how often it is reckoned with. */
import { day, id } from '../schema/common';
import {
  byTag,
  constant,
  named,
  note,
  object,
  oneOf,
  optional,
  whole,
  type TypeOf,
} from '../schema/schema';
import { animalIds } from '../tables/animals';

export const sightingKinds = ['seen', 'tracks', 'droppings', 'camera', 'shocked'] as const;
/** How something was seen; `shocked`: it was seen or heard to touch the live line. */
export type SightingKind = (typeof sightingKinds)[number];

/** Ten years of nights; more is a slip (assumption of ours). */
const mostNights = 3660;

const sightingSchema = object({
  id,
  placeId: id,
  date: day,
  what: constant('sighting'),
  animal: oneOf(animalIds),
  how: oneOf(sightingKinds),
  /** The bay it was at, where known. */
  bay: optional(note(200)),
});
/** An animal, or its signs, seen on a day. */
export interface Sighting extends TypeOf<typeof sightingSchema> {}

/** Nights a camera watched and saw none of the animals listed in the place. */
const quietNightsSchema = object({
  id,
  placeId: id,
  /** Last night watched. */
  date: day,
  what: constant('quiet-camera'),
  nights: whole(1, mostNights),
});
/** Nights on which a camera caught nothing. */
export interface QuietNights extends TypeOf<typeof quietNightsSchema> {}

const lossSchema = object({
  id,
  placeId: id,
  date: day,
  what: constant('loss'),
  /** Gone or dead in one night or day. */
  birds: whole(1, 10_000),
  /** Of which birds, where known. */
  group: optional(id),
  /** Who it was, where it is known. */
  animal: optional(oneOf(animalIds)),
  bay: optional(note(200)),
});
/** Birds lost to something from outside in one night or day. */
export interface Loss extends TypeOf<typeof lossSchema> {}

export const logEntrySchema = named(
  'logEntry',
  byTag('what', { sighting: sightingSchema, 'quiet-camera': quietNightsSchema, loss: lossSchema }),
);
/** Something that was seen, was not, or was lost. */
export type LogEntry = TypeOf<typeof logEntrySchema>;
