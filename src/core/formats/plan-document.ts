/**
 * What `plan --json` prints: money in hundredths, work in minutes, birds a year. What a set of mends leaves of a group of N birds is
 * `N(1 − exp(−Λ/N))`, Λ being `fixedOf` and, over the terms, `weightOf × exp(−d)`, d the lightest way from outside to the birds, each link
 * weighing as the state whose `made` are just those of the set that it names.
 */
import { nightsLeft } from '../mends/plan/answer';
import { mendFields } from '../records/mend';
import { day, text } from '../schema/common';
import { scenarios } from '../score/scenario';
import {
  amount,
  byTag,
  constant,
  flag,
  list,
  map,
  money,
  note,
  nullable,
  object,
  oneOf,
  optional,
  whole,
  type TypeOf,
  type TypeOfFields,
} from '../schema/schema';
import { animalIds } from '../tables/animals';

/** Raised with every change of shape of what `plan` prints. */
export const planVersion = 2;

/** More states than any search looks at (assumption of ours). */
const mostNodes = 1_000_000_000;
const animal = oneOf(animalIds);
const minutes = amount(0);
const birds = amount();
/** By the ids of groups of birds. */
const byGroup = map(amount(0));
const bySpot = object({ bay: text, spot: text });

/** A mend that could be made, with its price in hundredths and its minutes. */
export type MendDocument = TypeOfFields<typeof mendFields>;

/** Why a candidate is not in the plan. */
const whyNot = byTag('kind', {
  wont: object({ kind: constant('wont') }),
  'too-long': object({ kind: constant('too-long') }),
  nothing: object({ kind: constant('nothing') }),
  little: object({ kind: constant('little') }),
  'not-sold': object({ kind: constant('not-sold') }),
  instead: object({ kind: constant('instead'), of: list(text) }),
  beside: object({ kind: constant('beside'), animal, at: list(bySpot) }),
  money: object({ kind: constant('money'), birds }),
  time: object({ kind: constant('time'), birds }),
});

const shutOut = object({
  animal,
  scenario: oneOf(scenarios),
  can: flag,
  chosen: list(text),
  cents: money,
  wholeCents: optional(money),
  minutes,
  stays: list(bySpot),
});
/** What shutting one animal out takes, or what it still gets in by. */
export type ShutOutDocument = TypeOf<typeof shutOut>;

const term = object({
  animal,
  zone: text,
  scenarios: list(oneOf(scenarios)),
  weight: birds,
  weightOf: byGroup,
  shutFrom: minutes,
  links: list(
    object({
      bay: text,
      spot: text,
      from: text,
      to: text,
      states: list(
        object({ made: list(text), weight: nullable(amount(0)), minutes: nullable(minutes) }),
      ),
    }),
  ),
});
/** What one animal takes of one zone's birds, by the mends made. */
export type TermDocument = TypeOf<typeof term>;

/** The best plan for a sum, and for every larger one up to the next point. */
const point = object({ cents: money, after: birds, bound: birds, chosen: list(text) });

/** What `plan --json` prints. */
export const planSchema = object({
  version: constant(planVersion),
  place: note(),
  date: nullable(day),
  limits: object({
    cents: nullable(money),
    minutes: nullable(minutes),
    longest: nullable(minutes),
    must: list(text),
    wont: list(text),
  }),
  chosen: list(text),
  cents: money,
  minutes,
  wholeCents: optional(money),
  before: birds,
  after: birds,
  bound: birds,
  isProved: flag,
  nodes: whole(1, mostNodes),
  overspent: flag,
  clashes: list(
    object({ kind: oneOf(['must-and-wont', 'excludes'] as const), made: text, instead: text }),
  ),
  animals: list(
    object({
      animal,
      before: birds,
      after: birds,
      nightBefore: oneOf(nightsLeft),
      nightAfter: oneOf(nightsLeft),
    }),
  ),
  others: map(whyNot),
  least: nullable(point),
  curve: list(point),
  knee: nullable(money),
  shutOut: nullable(shutOut),
  tonight: list(object({ ...mendFields, cents: money, minutes })),
  candidates: list(
    object({
      id: text,
      ...mendFields,
      cents: money,
      minutes,
      excludes: list(text),
      inHand: flag,
    }),
  ),
  harmful: list(text),
  fixedOf: byGroup,
  flock: byGroup,
  terms: list(term),
});
/** All that `npm run plan -- FILE --json` prints. */
export type PlanDocument = TypeOf<typeof planSchema>;
