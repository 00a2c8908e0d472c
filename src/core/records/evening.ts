/** What was said of an evening: how doors stood, how many birds were in. Each saying is a record of its own; see core/nights. */
import { shutBys } from '../tables/shutting';
import { most } from '../schema/limits';
import { keptFields } from './kept';
import { day, instant, text } from '../schema/common';
import {
  constant,
  list,
  note,
  object,
  oneOf,
  optional,
  whole,
  type TypeOf,
} from '../schema/schema';

/** How a door stood; `bird-out`: it shut, with a bird outside. */
export const doorStates = ['shut', 'open', 'jammed', 'bird-out'] as const;
/** One of them. */
export type DoorState = (typeof doorStates)[number];

const mostBirds = 10_000;

const doorSchema = object({
  /** An opening's id. */
  opening: text,
  was: oneOf(doorStates),
  /** What shut it in those days. Absent: what does now. */
  shutBy: optional(oneOf(shutBys)),
});
/** How one door stood. */
export interface DoorAtDusk extends TypeOf<typeof doorSchema> {}

const countSchema = object(
  {
    /** A group's id. */
    group: text,
    /** Birds in at roost: the least and the most there may be. */
    least: whole(0, mostBirds),
    most: whole(0, mostBirds),
    /** Seen outside still, and known to sleep elsewhere: not among those counted. */
    out: optional(whole(0, mostBirds)),
    elsewhere: optional(whole(0, mostBirds)),
  },
  {
    field: 'most',
    holds: ({ least, most: upper }) => Number(least) <= Number(upper),
    sentence: 'must not be less than the least',
  },
);
/** How many of a group were in, as a set of possible numbers. */
export interface RoostCount extends TypeOf<typeof countSchema> {}

/** Evenings are told in the evening, or found out the next morning. */
export const eveningSources = ['evening', 'morning'] as const;

/** Whether the line was on. */
export const strandStates = ['on', 'off'] as const;

/** What was said of one evening. */
export const eveningSchema = object({
  ...keptFields,
  /** The day whose evening it was; its night runs into the next. */
  date: day,
  what: constant('evening'),
  /** When it was said: of two sayings of one door the later stands. */
  at: instant,
  told: oneOf(eveningSources),
  /** Who shut up; absent: whoever does as a rule. */
  by: optional(note(80)),
  /** When all was shut. */
  shutAt: optional(instant),
  doors: list(doorSchema, most.openings),
  counts: list(countSchema, most.groups),
  strand: optional(oneOf(strandStates)),
});
/** One saying of one evening. */
export interface Evening extends TypeOf<typeof eveningSchema> {}
