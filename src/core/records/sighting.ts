/** What was seen of an animal, or not seen: the log that moves how often it is reckoned with. */
import { keptFields } from './kept';
import { day, id } from '../schema/common';
import {
  amount,
  byTag,
  constant,
  list,
  named,
  note,
  object,
  oneOf,
  optional,
  whole,
  type TypeOf,
} from '../schema/schema';
import { memoized } from '../memo';
import { animalIds } from '../tables/animals';
import { otherCauses, signQuestions } from '../tables/signs';
import { eveningSchema } from './evening';
import { fenceTestSchema } from './fence-test';
import { dueDoneSchema, duePutOffSchema, ownRoundSchema } from './due-said';
import { signSchema } from './found-signs';
import { monitorDaySchema } from './monitor-day';
import { weatherSchema } from './weather';
import { awaySchema, learningSchema, youngNearSchema, type YoungNear } from './spells';

/** How something was seen; `shocked`: it was seen or heard to touch the live line. */
export const sightingKinds = ['seen', 'tracks', 'droppings', 'camera', 'shocked'] as const;
/** One of `sightingKinds`. */
export type SightingKind = (typeof sightingKinds)[number];

/** Ten years of nights; more is a slip (assumption of ours). */
const mostNights = 3660;

const sightingSchema = object({
  ...keptFields,
  date: day,
  what: constant('sighting'),
  /** Absent: something nobody could name. */
  animal: optional(oneOf(animalIds)),
  how: oneOf(sightingKinds),
  /** The bay it was at, where known. */
  bay: optional(note(200)),
});
/** An animal, known or not, or its signs, seen on a day. */
export interface Sighting extends TypeOf<typeof sightingSchema> {}

/** Nights a camera watched and saw none of the animals listed in the place. */
const quietNightsSchema = object({
  ...keptFields,
  /** Last night watched. */
  date: day,
  what: constant('quiet-camera'),
  nights: whole(1, mostNights),
});
/** Nights on which a camera caught nothing. */
export interface QuietNights extends TypeOf<typeof quietNightsSchema> {}

/** Culprits that a loss may be laid to. */
const culprits = [...animalIds, ...otherCauses] as const;
/** An animal, or what is no animal from outside. */
export type Culprit = (typeof culprits)[number];

/** An animal, or what else may have taken birds. */
export const culpritSchema = oneOf(culprits);

const suspectSchema = object({ culprit: culpritSchema, share: amount(0, 1) });
/** How much speaks for a culprit, of 1. */
export interface Suspect extends TypeOf<typeof suspectSchema> {}

const lossSchema = object({
  ...keptFields,
  /** The day, or the day whose evening began the night. */
  date: day,
  what: constant('loss'),
  /** Gone or dead in one night or day; 0 for a fright, or where only eggs went or birds were hurt. */
  birds: whole(0, 10_000),
  /** Of those, found dead; absent: nobody said. */
  dead: optional(whole(0, 10_000)),
  /** Hurt and alive; eggs gone or broken. */
  hurt: optional(whole(0, 10_000)),
  eggs: optional(whole(0, 10_000)),
  /** How many of them the flock is fewer from that day on; absent: its number was changed by hand. */
  fewer: optional(whole(0, 10_000)),
  /** Of which birds, where known. */
  group: optional(id),
  /** Who it was, where it is known. */
  animal: optional(oneOf(animalIds)),
  /** What it was, where it was no animal from outside. */
  cause: optional(oneOf(otherCauses)),
  bay: optional(note(200)),
  /** What was found, and who it was thought to be by that, likeliest first: kept as it was thought first. */
  signs: optional(list(signSchema, signQuestions.length)),
  thought: optional(list(suspectSchema, culprits.length)),
});
/** Birds lost in one night or day. */
export interface Loss extends TypeOf<typeof lossSchema> {}

/** Entries about animals; the others are about evenings. */
export type AnimalEntry = Sighting | QuietNights | Loss | YoungNear;

/** A loss, a scare or a sighting. */
export const logEntrySchema = named(
  'logEntry',
  byTag('what', {
    sighting: sightingSchema,
    'quiet-camera': quietNightsSchema,
    loss: lossSchema,
    evening: eveningSchema,
    away: awaySchema,
    learning: learningSchema,
    'young-near': youngNearSchema,
    'fence-test': fenceTestSchema,
    'due-put-off': duePutOffSchema,
    'due-done': dueDoneSchema,
    'own-round': ownRoundSchema,
    'monitor-day': monitorDaySchema,
    weather: weatherSchema,
  }),
);
/** Something that was seen, was not, was lost, was said of an evening or of what falls due, or read on the line. */
export type LogEntry = TypeOf<typeof logEntrySchema>;

const aboutThem: readonly LogEntry['what'][] = ['sighting', 'quiet-camera', 'loss', 'young-near'];

/** The entries about animals, in their order; the same array gives the same answer. */
export const aboutAnimals = memoized((log: readonly LogEntry[]): readonly AnimalEntry[] =>
  log.filter(isAboutAnimals),
);

/** Whether an entry is about animals. */
export function isAboutAnimals(entry: LogEntry): entry is AnimalEntry {
  return aboutThem.includes(entry.what);
}
