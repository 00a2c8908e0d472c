/** The electric line that all strands of a place hang on: when it is on, what was read of it, and how it is made. */
import { amount, named, object, oneOf, optional, whole, note, type TypeOf } from '../schema/schema';
import { id } from '../schema/common';
import { batteryKinds, feeds } from '../tables/energizers';
import { grounds } from '../tables/fence-ground';
import { fenceWires } from '../tables/fence-wires';
import { strandHours } from '../tables/strand-hours';
import { possibleAmount, possibleChoice } from './possible';

/** kV; no energizer for stock gives more (assumption of ours). */
const mostOpen = 15;

const energizerSchema = object(
  {
    feed: oneOf(feeds),
    /** With nothing connected, kV, as its plate says. */
    open: optional(amount(0.1, mostOpen)),
    /** Into 500 Ω, kV. */
    loaded: optional(amount(0.1, mostOpen)),
    /** Of a pulse into 500 Ω, J. */
    joules: optional(amount(0.01, 20)),
    /** As its plate says, mA. */
    draws: optional(amount(0, 5000)),
    /** What feeds it, where that is a battery. */
    battery: optional(object({ kind: oneOf(batteryKinds), charge: amount(0.1, 1000) })),
    /** Of a solar panel, W. */
    panel: optional(amount(0.1, 1000)),
  },
  {
    field: 'loaded',
    holds: ({ open, loaded }) =>
      open === undefined || loaded === undefined || Number(loaded) < Number(open),
    sentence: 'must be less than with nothing connected: a load pulls the volts down',
  },
);
/** What feeds the line; kV, J, mA, Ah, W. */
export interface Energizer extends TypeOf<typeof energizerSchema> {}

/** Rods of one line: no garden holds more (assumption of ours). */
export const mostRods = 50;

const rodsSchema = object({
  count: whole(1, mostRods),
  /** In the ground, mm. */
  length: amount(100, 10_000),
  diameter: amount(4, 100),
  /** From one to the next, mm. */
  apart: amount(0, 50_000),
});
/** The earth: so many rods alike; mm. */
export interface EarthRods extends TypeOf<typeof rodsSchema> {}

/** One rod as keepers push in, where nobody has told of any (assumption of ours): 1 m, 12 mm thick. */
export const usualRods: EarthRods = { count: 1, length: 1000, diameter: 12, apart: 0 };

/** So many of them; one more is set as far off as it is long, where so far there was one. */
export const rodsOf = (rods: EarthRods, count: number): EarthRods => ({
  ...rods,
  count,
  apart: rods.count === 1 && count > 1 ? Math.max(rods.apart, rods.length) : rods.apart,
});

/** Whether its end is left open or joined to where it begins. */
export const lineShapes = ['open', 'ring'] as const;
/** One of `lineShapes`. */
export type LineShape = (typeof lineShapes)[number];

/** By what the current comes back from the animal: the ground; an earthed wire beside the live one; mesh at the foot, joined to the rods. */
export const lineReturns = ['ground', 'earth-wire', 'mesh'] as const;
/** By what the current comes back. */
export type LineReturn = (typeof lineReturns)[number];

/** What feeds an energizer, by look, best first. */
export const feedStates = ['full', 'mains', 'low', 'flat'] as const;

const lineSchema = named(
  'fenceLine',
  object({
    energizer: energizerSchema,
    wire: oneOf(fenceWires),
    shape: oneOf(lineShapes),
    /** The bay at which the energizer is joined on; absent: the first on the lap that it crosses. */
    feedsAt: optional(note(200)),
    rods: optional(rodsSchema),
    back: oneOf(lineReturns),
  }),
);
/** How the line is made. Where it runs is told by the strands of the bays, how it passes doors by these. */
export interface FenceLine extends TypeOf<typeof lineSchema> {}

/** The electric line of a place. */
export const fenceSchema = object({
  id,
  /** Line potential, kV, at the far end. Unread is unknown, not live. */
  volts: optional(possibleAmount),
  on: oneOf(strandHours),
  /** The energizer by itself, line off it, kV. */
  open: optional(possibleAmount),
  /** Where the line begins, kV. */
  near: optional(possibleAmount),
  /** The earth stake against a probe of its own, kV. */
  stake: optional(possibleAmount),
  /** The battery at rest, V. */
  rest: optional(possibleAmount),
  /** What feeds it, by look. */
  battery: optional(possibleChoice(feedStates)),
  /** How the ground was when it was last said. */
  ground: optional(possibleChoice(grounds)),
  /** Absent: nobody has described it. */
  line: optional(lineSchema),
});
/** The electric line. */
export interface Fence extends TypeOf<typeof fenceSchema> {}
