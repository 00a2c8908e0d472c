/** A mend in hand: a chosen change of state, followed from open to held. Never ticked off without a new reading. */
import { most } from '../schema/limits';
import { attributeIds } from '../attributes';
import { spotKinds } from '../place/spot';
import { keptFields } from './kept';
import { day, id, instant, length, text } from '../schema/common';
import {
  byField,
  list,
  money,
  named,
  note,
  object,
  oneOf,
  optional,
  text as someText,
  whole,
  type TypeOf,
} from '../schema/schema';
import { animalIds } from '../tables/animals';

/** The catalogue's names; what each is and does stands in mends/catalogue/. */
export const mendKinds = [
  'sill-board',
  'base-timber',
  'sill-apron',
  'sill-stones',
  'apron-out',
  'skirt-down',
  'skirt-and-foot',
  'slabs-along',
  'line-welded-13',
  'line-welded-6',
  'board-over',
  'batten-edge',
  'screws-and-washers',
  'patch-mesh',
  'patch-board',
  'door-stop',
  'second-fastening',
  'pop-door-runners',
  'two-motion-latch',
  'clip-through-hasp',
  'padlock',
  'roost-away',
  'pegs-in',
  'kerb-along',
  'floor-mesh',
  'line-welded-25',
  'line-welded-25x50',
  'boarded',
  'clip-edge',
  'hole-stuffed',
  'wedge-shut',
  'carabiner-on',
  'collar-plate',
  'lap-seam',
  'screw-shut',
  'spring-closer',
  'light-door',
  'flap-out',
  'mesh-under',
  'frame-down',
  'hinge-screws',
  'cover-screwed',
  'door-braced',
  'edge-pegged',
  'shut-nightly',
  'shut-by-day',
  'overhang-out',
  'roof-mesh',
  'net-over',
  'weight-on',
  'mesh-in-bare',
  'strand-set',
  'strand-clear',
  'fence-charge',
  'strand-moved',
  'mown-under',
  'earth-rods',
  'earth-return',
  'battery-fresh',
  'line-joined',
  'first-line',
  /** The keeper's own; what it is and does stands in the mend itself. */
  'own',
] as const;
/** A kind of mend, by its id in the catalogue. */
export type MendKind = (typeof mendKinds)[number];

/** Where a mend stands, from planned to holding. */
export const mendStates = ['open', 'planned', 'bought', 'done', 'held'] as const;
/** One of `mendStates`. */
export type MendState = (typeof mendStates)[number];

/** The most minutes that a mend can take (assumption of ours). */
const longestWork = 100_000;

const ownMendSchema = object({ name: someText(80), cents: money, minutes: whole(0, longestWork) });
/** What the keeper says of a mend of their own; `cents` are hundredths of their money. */
export interface OwnMend extends TypeOf<typeof ownMendSchema> {}

/** A place in a bay that one mend puts right. */
const spotSchema = object({ kind: oneOf(spotKinds), item: text });
/** A place in a bay that a mend puts right. */
export interface Spot extends TypeOf<typeof spotSchema> {}

const targetValue = byField({
  is: object({ is: text }),
  /** A gap or clear opening of at most this, mm: the stricter figure, which mends are designed to. */
  atMost: object({ atMost: length }),
  /** A depth or width of at least this, mm. */
  atLeast: object({ atLeast: length }),
  /** A height or distance that has a right value, mm: within the tolerance of strands. */
  near: object({ near: length }),
});
/** What a reading must come to; in the unit of its attribute. */
export type TargetValue = TypeOf<typeof targetValue>;

/** The reading that will show the mend holds. */
export const targetSchema = named(
  'target',
  object({ item: id, attribute: oneOf(attributeIds), value: targetValue }),
);
/** A reading that must come out so once a mend is made. */
export interface Target extends TypeOf<typeof targetSchema> {}

const stateChangeSchema = object({
  state: oneOf(mendStates),
  at: instant,
  /** The walk whose readings decided (held, or open again). */
  walk: optional(note(200)),
  /** The phone on which it came into it. */
  by: optional(id),
});
/** When a mend came into a state. */
export interface StateChange extends TypeOf<typeof stateChangeSchema> {}

/** What a mend is, where, against whom and by which readings it is shown to hold. */
export const mendFields = {
  kind: oneOf(mendKinds),
  bay: text,
  /** Where in the bay: the item and attribute that first gave way. */
  spot: spotSchema,
  /** Animals it is meant to stop. */
  stops: list(oneOf(animalIds)),
  /** What it is to change, and what measuring again will read. */
  targets: list(targetSchema, most.targets),
} as const;

/** A mend. */
export const mendSchema = named(
  'mend',
  object({
    ...keptFields,
    ...mendFields,
    state: oneOf(mendStates),
    history: list(stateChangeSchema, most.changes),
    /** To be done by then. */
    due: optional(day),
    /** Who does it, in the keeper's own words. */
    who: optional(note(80)),
    /** What it took in the end. */
    spent: optional(object({ cents: optional(money), minutes: optional(whole(0, longestWork)) })),
    /** Of a mend of kind `own`: what the keeper says of it. Its effect is its targets. */
    own: optional(ownMendSchema),
  }),
);
/** A mend of one place, from planned to holding. */
export interface Mend extends TypeOf<typeof mendSchema> {}
