/** What `assess --json` prints. Ranges are `[low, high]`: low is everything unread at its worst, for minutes and hold; at its best, for chances and losses. */
import { attributeIds } from '../attributes';
import { effortLevels } from '../effort/effort-level';
import { zoneKinds } from '../place/place';
import { birdKinds } from '../tables/bird-kinds';
import { yearSpan } from '../place/year-span';
import { markKinds } from '../score/bay-marks';
import { scenarios } from '../score/scenario';
import { day, text } from '../schema/common';
import {
  amount,
  constant,
  flag,
  list,
  listOfSome,
  map,
  named,
  note,
  nullable,
  object,
  oneOf,
  openObject,
  pair,
  whole,
  type TypeOf,
} from '../schema/schema';
import { animalIds } from '../tables/animals';
import { attacks } from '../tables/attacks';

/** Raised with every change of shape of what `assess` prints. */
export const assessVersion = 5;

/** More of one thing than a place has (assumption of ours). */
const most = 1_000_000;
const animal = oneOf(animalIds);
const share = amount(0, 1);
const notLess = amount(0);
const minutes = nullable(notLess);
const hold = pair(nullable(amount(0, 100)));
const amounts = pair(notLess);

/** Reasons and what stops differ by kind; `kind` is always there, the rest is as the figures need. */
const byKind = openObject({ kind: note(80) });

const loss = { lambda: amounts, eggs: amounts, feedVisits: amounts } as const;
const losses = object({
  days: whole(1, 366),
  ...loss,
  birds: amounts,
  band: { ...amounts, about: 'Nine times in ten between, as far as the tables go.' },
  byTables: { ...amounts, about: 'Before how it has gone here was weighed.' },
  lived: object({
    years: notLess,
    lost: whole(0, 10_000),
    losses: list(object({ date: day, birds: whole(1, 10_000), animal: nullable(animal) })),
  }),
  animals: list(object({ animal, ...loss, byTables: amounts, times: amounts })),
});
/** Losses of a month or a year; spans stand low end first. */
export type LossesDocument = TypeOf<typeof losses>;

const ends = {
  ...object({
    minutes: pair(minutes),
    turnedBack: pair(nullable(share)),
    attack: pair(nullable(oneOf(attacks))),
  }),
  about: '[low, high]: everything unread at its worst, at its best. null minutes: holds.',
};
/** Two ends of what is possible: all unread shut, and all unread open. */
export type EndsDocument = TypeOf<typeof ends>;

const part = named(
  'part',
  object({
    item: text,
    attribute: nullable(oneOf(attributeIds)),
    attack: oneOf(attacks),
    rung: oneOf(effortLevels),
    minutes,
    turnedBack: share,
    reason: byKind,
    besides: list(byKind),
    strand: nullable(openObject({})),
  }),
);
/** One part of a bay against one animal. */
export type PartDocument = TypeOf<typeof part>;

const step = named(
  'step',
  object({
    bay: text,
    into: { ...nullable(text), about: 'null: a bird is taken through the cover.' },
    minutes: notLess,
    turnedBack: share,
    by: part,
    also: list(part),
    stops: list(byKind),
  }),
);
/** One barrier on a route. */
export type StepDocument = TypeOf<typeof step>;

const routeFields = {
  minutes: notLess,
  turnedBack: share,
  weight: { ...notLess, about: 'Σ minutes ÷ patience − ln(1 − turnedBack)' },
  chance: { ...share, about: 'exp(−weight)' },
  steps: listOfSome(step),
} as const;
const route = named('route', object(routeFields));
/** A way from outside to the birds; minutes and weight. */
export type RouteDocument = TypeOf<typeof route>;

const way = named(
  'way',
  object({
    id: text,
    bays: listOfSome(text),
    minutes: notLess,
    by: listOfSome(object({ animal, ...routeFields })),
  }),
);
/** Neighbouring bays with the same cause, and who comes by them. */
export type WayDocument = TypeOf<typeof way>;

const ofAnimal = object({
  animal,
  about: flag,
  /** The keeper accepts the odd loss to it: no part of the hold or of any way in. */
  accepted: flag,
  patience: notLess,
  visits: notLess,
  tries: { ...notLess, about: 'Visits that become a try at the birds.' },
  minutes: pair(minutes),
  rung: pair(oneOf(effortLevels)),
  chance: pair(share),
  groups: list(
    object({
      group: text,
      zone: text,
      exposure: share,
      damage: notLess,
      weight: notLess,
      chance: pair(share),
    }),
  ),
  weakest: nullable(route),
  next: nullable(route),
});
/** One animal: hours, visits, routes, groups it threatens. */
export type AnimalDocument = TypeOf<typeof ofAnimal>;

const ofItem = object({
  bay: text,
  between: pair(text),
  animal,
  through: ends,
  reach: ends,
  reasons: list(part),
});
/** One item of the place: every attack on it by one animal. */
export type ItemDocument = TypeOf<typeof ofItem>;

/** What `assess --json` prints. */
export const assessSchema = object({
  version: constant(assessVersion),
  date: nullable(day),
  scenario: oneOf(scenarios),
  place: note(),
  missedRound: share,
  zones: list(
    object({ id: text, kind: oneOf(zoneKinds), name: text, inUse: nullable(list(yearSpan)) }),
  ),
  birds: list(
    object({
      group: text,
      kind: oneOf(birdKinds),
      count: whole(0, 10_000),
      zone: nullable(text),
      exposure: share,
    }),
  ),
  hold,
  tonight: object({ hold, missedRound: share }),
  losses: object({ month: losses, year: losses }),
  trend: list(object({ date: day, hold, waysIn: whole(0, most) })),
  waysIn: list(way),
  slowWays: list(way),
  /** By which eggs alone are taken: in no other list and in no hold. */
  waysToEggs: list(way),
  animals: list(ofAnimal),
  items: list(ofItem),
  marks: map(oneOf(markKinds)),
  stops: object({ all: whole(0, most), unread: whole(0, most) }),
  judged: list(oneOf(attacks)),
});
/** All that `npm run assess -- FILE --json` prints. */
export type AssessDocument = TypeOf<typeof assessSchema>;
