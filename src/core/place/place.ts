/**
 * A place: one coop with its run, as it stands. Structure only: what was found on a walk is kept as readings
 * (see records/walk.ts) and laid over the structure by `applyReadings`. Lengths in mm, angles in degrees clockwise.
 */
import { birdKinds } from '../tables/bird-kinds';
import { most } from '../schema/limits';
import { day, entered, id, length, text } from '../schema/common';
import {
  amount,
  flag,
  list,
  listOfSome,
  longest,
  named,
  note,
  object,
  oneOf,
  optional,
  pair,
  pattern,
  text as someText,
  whole,
  type TypeOf,
} from '../schema/schema';
import { animalIds } from '../tables/animals';
import { regions } from '../tables/regions';
import { surroundings } from '../tables/surroundings';
import { deterrents, nearThings, oftenWords } from '../tables/visiting';
import { baySchema } from './bay';
import { devicesSchema } from './device';
import { fenceSchema } from './fence';
import { keepersSchema, versionsSchema } from './versions';
import { yearSpan } from './year-span';

export type {
  Band,
  Bay,
  BayId,
  ByDay,
  FittedLatch,
  GroundLine,
  Habit,
  ItemId,
  Layer,
  Opening,
  OpeningKind,
  Skirt,
  Strand,
  TopEdge,
  YesNo,
} from './bay';

export type { Fence, FenceLine } from './fence';
export type { StrandHours } from '../tables/strand-hours';

/** Id of a zone, or `outside`. */
export type ZoneId = string;

/** The zone nobody lists: everything that is not the place. */
export const outside = 'outside';

/** Metric, or feet and inches. */
export const unitSystems = ['metric', 'imperial'] as const;
/** One of `unitSystems`. */
export type Units = (typeof unitSystems)[number];

/** Degrees, north and east above zero. */
const positionSchema = object({ latitude: amount(-90, 90), longitude: amount(-180, 180) });
/** Where on earth, degrees. */
export interface Position extends TypeOf<typeof positionSchema> {}

const settingSchema = object({
  region: oneOf(regions),
  /** What stands round it. Absent: nobody has said. */
  where: optional(oneOf(surroundings)),
  /** Animals the keeper reckons with here. One that never comes is left out. */
  lives: list(oneOf(animalIds)),
  /** What lies near and what calls animals. */
  near: list(oneOf(nearThings)),
  /** Animals of which the keeper accepts the odd loss: judged and counted in losses, in no headline, hold or plan. */
  accepted: optional(list(oneOf(animalIds))),
  /** What is put up or kept against visitors: it lowers visits a little and closes nothing. */
  deterrents: optional(list(oneOf(deterrents))),
  /** How often, in the keeper's words, where they know better than the tables. */
  often: optional(list(object({ animal: oneOf(animalIds), often: oneOf(oftenWords) }))),
  /** Absent: the region's own. */
  currency: optional({ ...pattern(/^[A-Z]{3}$/, 'three capitals, like EUR'), about: 'ISO 4217.' }),
  /** Only if the keeper wants it: for dusk and dawn. */
  position: optional(positionSchema),
});
/** Region, neighbours, and what lies near. */
export interface Setting extends TypeOf<typeof settingSchema> {}

const rangingSchema = object({
  /** `outside`, or a fenced strip. */
  zone: text,
  /** A day, out of the run. */
  hours: amount(0, 24),
  /** Only when someone is at home and about. */
  watched: flag,
});
/** Hours outside the run. */
export interface Ranging extends TypeOf<typeof rangingSchema> {}

/** Birds that spend night and day together. */
export const groupSchema = named(
  'group',
  object({
    id,
    /** In the keeper's words: "turkey poults". Absent: the kind says enough. */
    name: optional(note(80)),
    kind: oneOf(birdKinds),
    count: whole(0, 10_000),
    /** Where the number is not sure: as many as there may be. */
    upTo: optional(whole(0, 10_000)),
    /** The day from which chicks count as grown. */
    grownOn: optional(day),
    /** A zone, or `outside`: the one that roosts in a tree. */
    sleeps: text,
    /** Where they are by day; absent: the run their house opens on, else where they sleep. */
    days: optional(note(200)),
    ranging: optional(rangingSchema),
  }),
);
/** Birds that are together. */
export interface Group extends TypeOf<typeof groupSchema> {}

/** What a side of an outline runs along. */
export const sideKinds = ['fence', 'building', 'rock', 'trunk'] as const;
/** One of `sideKinds`. */
export type SideKind = (typeof sideKinds)[number];

const sideSchema = named(
  'side',
  object({
    id,
    name: text,
    kind: oneOf(sideKinds),
    length,
    entered: optional(entered),
    /** At the far end of the side; to the right is positive. */
    turn: amount(-360, 360),
  }),
);
/** One side of an outline; mm and degrees. */
export interface Side extends TypeOf<typeof sideSchema> {}

/** A closed walk as paced: from `start`, heading, then side by side. x runs east, y north. */
const outlineSchema = named(
  'outline',
  object({
    start: object({ x: amount(-longest, longest), y: amount(-longest, longest) }),
    /** 0 north, 90 east. */
    heading: amount(-360, 360),
    sides: list(sideSchema, most.sides),
  }),
);
/** A closed walk round a zone; mm and degrees. */
export interface Outline extends TypeOf<typeof outlineSchema> {}

/** On what a pen is moved. */
export const movesOn = ['wheels', 'skids', 'carried'] as const;
/** One of `movesOn`. */
export type Moves = (typeof movesOn)[number];

/** What a zone is. */
export const zoneKinds = ['run', 'house', 'nest-box', 'under-house'] as const;
/** One of `zoneKinds`. */
export type ZoneKind = (typeof zoneKinds)[number];

const zoneSchema = named(
  'zone',
  object({
    id,
    kind: oneOf(zoneKinds),
    name: text,
    outline: outlineSchema,
    /** Of its walls, mm. */
    height: optional(length),
    /** Height of its floor above the ground, mm; absent: on the ground. */
    base: optional(length),
    /** A pen without a floor that is moved to fresh ground, and on what. */
    moves: optional(oneOf(movesOn)),
    /** Of all its perches together, mm; its nest boxes. Absent: nobody said. */
    perch: optional(length),
    nests: optional(whole(0, 10_000)),
    /** Days of the year on which birds are kept in it, one stretch or several; absent: all year. */
    inUse: optional(listOfSome(yearSpan, 1, 'needs a span', most.spans)),
  }),
);
/** A part of a place that something can be in. */
export interface Zone extends TypeOf<typeof zoneSchema> {}

/** How a surface lies. */
export const faceKinds = ['wall', 'roof', 'floor', 'partition'] as const;

/** A surface between two zones. Its bays follow each other the way the outline was paced. */
export const faceSchema = named(
  'face',
  object({
    id,
    kind: oneOf(faceKinds),
    between: pair(text),
    /** The side it stands on (walls). */
    along: optional(note(200)),
    /** Where on that side it begins, mm as measured; absent: where the face before it in file order ends. */
    from: optional(length),
    bays: list(baySchema, most.bays),
  }),
);
/** A wall, roof, floor or partition. */
export interface Face extends TypeOf<typeof faceSchema> {}

const mostRounds = 1_000_000;

const routineSchema = object({
  /** Who shuts up, and who does when they are away: the keeper's own words. */
  shuts: optional(note(200)),
  whenAway: optional(note(200)),
  /** Nights of a year on which nobody does. */
  nightsUnshut: optional(whole(0, 366)),
  /** Evening rounds on record: how many, and how many of them left a door open. */
  rounds: optional(
    object(
      { made: whole(0, mostRounds), missed: whole(0, mostRounds) },
      {
        field: 'missed',
        holds: ({ made, missed }) => Number(missed) <= Number(made),
        sentence: 'must not be more than were made',
      },
    ),
  ),
});
/** Who shuts up, and how often nobody does. */
export interface Routine extends TypeOf<typeof routineSchema> {}

const experienceSchema = named(
  'experience',
  object(
    {
      /** Kept like this since. */
      since: day,
      /** Birds lost to something from outside from then to the day it was told. */
      lost: whole(0, 10_000),
      /** The day it was told: what is lost from then on stands in the log. */
      asOf: day,
    },
    {
      field: 'since',
      holds: ({ since, asOf }) => String(since) <= String(asOf),
      sentence: 'must not be after the day it was told',
    },
  ),
);
/** How it has gone so far, in the keeper's words. */
export interface Experience extends TypeOf<typeof experienceSchema> {}

/** A place. */
export const placeSchema = named(
  'place',
  object({
    id,
    name: someText(80),
    units: oneOf(unitSystems),
    setting: settingSchema,
    flock: list(groupSchema, most.groups),
    zones: list(zoneSchema, most.zones),
    faces: list(faceSchema, most.faces),
    fence: optional(fenceSchema),
    routine: optional(routineSchema),
    experience: optional(experienceSchema),
    /** What measures by itself. */
    devices: optional(devicesSchema),
    /** How often each part was changed on which phone; absent until it was changed on any. */
    versions: optional(versionsSchema),
    /** Whose phones these are, as far as somebody said. */
    keepers: optional(keepersSchema),
  }),
);
/** A whole place: structure and setting, without what walks found. */
export interface Place extends TypeOf<typeof placeSchema> {}
