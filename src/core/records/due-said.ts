/** What a keeper says of what falls due: put off, done, and rounds of their own. Each saying is an entry of its own. */
import { keptFields } from './kept';
import { day, text } from '../schema/common';
import {
  constant,
  note,
  object,
  oneOf,
  optional,
  text as someText,
  whole,
  type TypeOf,
} from '../schema/schema';

/** Why something is put off. */
export const putOffReasons = ['weather', 'no-time', 'waiting', 'not-needed'] as const;
/** One of them. */
export type PutOffReason = (typeof putOffReasons)[number];

/** Something due, put off. */
export const duePutOffSchema = object(
  {
    ...keptFields,
    /** The day it was said. */
    date: day,
    what: constant('due-put-off'),
    /** What it is of; see rounds/due.ts. */
    due: text,
    to: day,
    why: oneOf(putOffReasons),
    note: optional(note(200)),
  },
  {
    field: 'to',
    holds: ({ date, to }) => String(date) < String(to),
    sentence: 'must be after the day it was said',
  },
);
/** Put off to a day. */
export interface DuePutOff extends TypeOf<typeof duePutOffSchema> {}

/** Something due, done. */
export const dueDoneSchema = object({
  ...keptFields,
  /** The day it was done. */
  date: day,
  what: constant('due-done'),
  due: text,
});
/** Done, where no reading shows it. */
export interface DueDone extends TypeOf<typeof dueDoneSchema> {}

/** Ten years; longer is no round (assumption of ours). */
const longestRound = 3660;

/** A round of the keeper’s own. */
export const ownRoundSchema = object({
  ...keptFields,
  /** The first day on which it falls due. */
  date: day,
  what: constant('own-round'),
  name: someText(80),
  /** Days from one time to the next. */
  every: whole(1, longestRound),
});
/** A round of the keeper's own. */
export interface OwnRound extends TypeOf<typeof ownRoundSchema> {}
