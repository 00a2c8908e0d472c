/** Stretches of days that change evenings: away, birds that are learning where to sleep, young animals near. */
import { most } from '../schema/limits';
import { keptFields } from './kept';
import { day, text } from '../schema/common';
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
import { animalIds } from '../tables/animals';
import { learningReasons } from '../tables/shutting';

/** Days away from home. */
export const awaySchema = object(
  {
    ...keptFields,
    /** The first night away. */
    date: day,
    what: constant('away'),
    /** The last night away. */
    until: day,
    /** Who covers; absent: nobody. */
    covers: optional(note(80)),
    /** The doors they shut, by id; absent: all of them. */
    doors: optional(list(text, most.openings)),
  },
  {
    field: 'until',
    holds: ({ date, until }) => String(date) <= String(until),
    sentence: 'must not be before the first night',
  },
);
/** Nights on which the keeper is away. */
export interface Away extends TypeOf<typeof awaySchema> {}

/** Evenings in which birds learn a door. */
export const learningSchema = object({
  ...keptFields,
  /** The first evening. */
  date: day,
  what: constant('learning'),
  why: oneOf(learningReasons),
  /** Which birds; absent: all. */
  group: optional(text),
  nights: whole(1, 60),
});
/** Evenings on which birds must be looked for. */
export interface Learning extends TypeOf<typeof learningSchema> {}

/** Young of an animal close by. */
export const youngNearSchema = object({
  ...keptFields,
  /** First noticed. */
  date: day,
  what: constant('young-near'),
  animal: oneOf(animalIds),
  weeks: whole(1, 30),
});
/** A den, nest or young of an animal close by: it tries harder as long as they are fed. */
export interface YoungNear extends TypeOf<typeof youngNearSchema> {}
