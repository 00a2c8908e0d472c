/**
 * A bay, post to post, and everything it carries. Structure only: what was found on a walk is kept as readings. What may be
 * unknown holds a set of possible values. Lengths in mm, weights in kg. Descriptions and types in one: see schema/schema.ts.
 */
import { shutBys } from '../tables/shutting';
import { most } from '../schema/limits';
import { conditions, fixings } from '../tables/fixings';
import { hingeStates } from '../tables/hinges';
import { latchIds } from '../tables/latches';
import { meshIds } from '../tables/meshes';
import { touching } from '../tables/shocking';
import { soils } from '../tables/soils';
import { timberStates } from '../tables/timber';
import { id, length, text } from '../schema/common';
import {
  amount,
  constant,
  list,
  listOfSome,
  named,
  object,
  oneOf,
  optional,
  type TypeOf,
  whole,
} from '../schema/schema';
import { possibleAmount, possibleChoice, type PossibleAmount } from './possible';
import { yearSpan } from './year-span';

/** Id of a bay, unique in its place. */
export type BayId = string;
/** Id of a bay or of anything in it, unique in its place. */
export type ItemId = string;

/** Yes or no. */
export const yesNo = ['yes', 'no'] as const;
/** One of `yesNo`. */
export type YesNo = (typeof yesNo)[number];

/** What a cover can be; "none" while a mend that adds the layer has not been measured, or where a cover is off. */
export const coverIds = [...meshIds, 'none'] as const;
/** A kind of mesh or board, or nothing. */
export type CoverId = (typeof coverIds)[number];
const cover = named('mesh', possibleChoice(coverIds));

/** "none" while a mend that adds it has not been measured. */
export const fittedLatchIds = [...latchIds, 'none'] as const;

const fixing = possibleChoice(fixings);
const condition = possibleChoice(conditions);
const eitherWay = named('yesNo', possibleChoice(yesNo));

/** A layer of a wall’s or an opening’s cover. */
export const layerSchema = named(
  'layer',
  object({
    id,
    mesh: cover,
    /** Smallest clear opening, where measured; otherwise the mesh's own. */
    clear: optional(possibleAmount),
    wire: optional(possibleAmount),
    fixing: optional(fixing),
    condition: optional(condition),
    /** Days of the year on which it is on (a winter board, a summer net); absent: all year. */
    on: optional(yearSpan),
  }),
);
/** One layer of cover. */
export interface Layer extends TypeOf<typeof layerSchema> {}

/** A strip of the wall's height with the same cover. */
export const bandSchema = named(
  'band',
  object({
    id,
    from: length,
    to: length,
    layers: listOfSome(layerSchema, 1, 'needs a layer', most.layers),
  }),
);
/** A strip of a wall's height; mm above ground. */
export interface Band extends TypeOf<typeof bandSchema> {}

/** What keeps digging out below or beyond a wall. */
export const skirtSchema = named(
  'skirt',
  object({ mesh: cover, depth: possibleAmount, outward: possibleAmount, tied: eitherWay }),
);
/** Mesh in the ground, down and outward; mm. */
export interface Skirt extends TypeOf<typeof skirtSchema> {}

/** Where a wall meets the ground. */
export const groundLineSchema = named(
  'ground',
  object({
    /** Widest gap between sill and ground, at rest. */
    gap: optional(possibleAmount),
    /** The same with the bottom edge lifted by hand midway between posts. */
    gapLifted: optional(possibleAmount),
    soil: optional(possibleChoice(soils)),
    skirt: optional(skirtSchema),
    /** Fresh digging along the edge, from either side. */
    digging: optional(eitherWay),
    /** Mesh or boards laid as a floor right across, joined to the wall. */
    floor: optional(cover),
    /** A house's wall: where the floor is of boards, sheet or stone it stands on that, and nothing of the earth counts. */
    onFloor: optional(constant(true)),
    /** A light frame that stands on the ground: what it weighs, kg. Absent where posts are set. */
    weight: optional(possibleAmount),
    /** Length of the pegs that hold such a frame down; 0: none. */
    pegs: optional(possibleAmount),
    /** Timber along the ground that the wall or frame stands on; absent: there is none, or none is spoken of. */
    timber: optional(possibleChoice(timberStates)),
    /** Nights that a pen stands on one spot before it moves on; absent: it stays. */
    nights: optional(whole(1, 365)),
  }),
);
/** Where a bay meets the ground. */
export interface GroundLine extends TypeOf<typeof groundLineSchema> {}

/**
 * By its own weight; drawn by two springs or cords, which are spare for each other; by one, which is counted as gone; or not.
 */
export const letGos = ['falls-shut', 'two-closers', 'one-closer', 'stays'] as const;
/** What a door does when it is let go. */
export type LetGo = (typeof letGos)[number];

/** What an opening is. */
export const openingKinds = [
  'gate',
  'door',
  'hatch',
  'pop-door',
  'nest-lid',
  'window',
  'vent',
  /** A hole cut for a feed pipe or drinker: shut while its plug (or the thing itself) is in. */
  'pass-through',
  'hole',
  'seam',
  'disused-door',
] as const;
/** What an opening is. */
export type OpeningKind = (typeof openingKinds)[number];

/** How it stands at night by habit. A fixed opening (a vent) is `every-night`: its mesh is its door. */
export const habits = ['every-night', 'cold-or-storms', 'never'] as const;
/** On which nights an opening is shut. */
export type Habit = (typeof habits)[number];

/** How it moves: on hinges, along its frame, down when let go, or away altogether. */
export const doorMoves = [
  'swings',
  'slides-up',
  'slides-sideways',
  'drops-open',
  'lifts-off',
] as const;
/** How a door moves. */
export type DoorMoves = (typeof doorMoves)[number];

/** What an opening of a kind does unless its place says otherwise (common practice). */
export const usualMoves: Readonly<Record<OpeningKind, DoorMoves>> = {
  gate: 'swings',
  door: 'swings',
  hatch: 'swings',
  'pop-door': 'slides-up',
  'nest-lid': 'swings',
  window: 'swings',
  vent: 'swings',
  'pass-through': 'lifts-off',
  hole: 'lifts-off',
  seam: 'lifts-off',
  'disused-door': 'swings',
};

/** How an opening stands by day. */
export const byDays = ['open', 'open-while-ranging', 'shut'] as const;
/** One of `byDays`. */
export type ByDay = (typeof byDays)[number];

/** With a handle that is unhooked to go in; by a lead buried or high overhead; not at all, so that it ends there. */
export const linePasses = ['handle', 'buried', 'overhead', 'ends'] as const;
/** How the line passes a door. */
export type LinePass = (typeof linePasses)[number];

/** A latch that is fitted. */
export const fittedLatchSchema = object({
  id,
  kind: named('latchKind', possibleChoice(fittedLatchIds)),
});
/** A latch on a door. */
export interface FittedLatch extends TypeOf<typeof fittedLatchSchema> {}

/** An opening. */
export const openingSchema = named(
  'opening',
  object({
    id,
    name: text,
    kind: oneOf(openingKinds),
    /** Along the bay from its first post, to the opening's edge. */
    at: length,
    /** Height of its lower edge above ground. */
    up: length,
    width: length,
    height: length,
    /** Gap round it when closed. A vent or window that only has mesh in it has none. */
    gap: optional(possibleAmount),
    /** Widest gap at a corner when pulled. */
    gapPulled: optional(possibleAmount),
    latches: list(fittedLatchSchema, most.latches),
    /** Mesh in it (vents, windows), or what a door is made of where that is in doubt. */
    cover: optional(list(layerSchema, most.layers)),
    habit: oneOf(habits),
    shutBy: oneOf(shutBys),
    /** How it stands by day. Absent: a pop door stands open, everything else shut. */
    byDay: optional(oneOf(byDays)),
    /** How it moves. Absent: as its kind usually does. */
    moves: optional(oneOf(doorMoves)),
    /** How its hinges sit, where it hangs on any. */
    hinges: optional(possibleChoice(hingeStates)),
    /** Whether the bay's strands run across it as well (a handle, a buried lead does not count). */
    crossed: optional(eitherWay),
    /** How the line passes it; absent: nobody has said, and it goes on. */
    lineBy: optional(oneOf(linePasses)),
    /** Whether its handle is hooked on: unhooked, the line ends before it. */
    hooked: optional(eitherWay),
    /** Which way it goes when let go: one that falls shut is not left open. */
    letGo: optional(oneOf(letGos)),
  }),
);
/** An opening in a bay, and what shuts it; mm. */
export interface Opening extends TypeOf<typeof openingSchema> {}

/** How a top edge ends. */
export const topKinds = ['roof', 'hood', 'overhang', 'tilt', 'open'] as const;
/** One of `topKinds`. */
export type TopKind = (typeof topKinds)[number];

/** How a wall ends above. */
export const topEdgeSchema = object({
  /** `roof`: joined to one. Anything else stands free. */
  kind: oneOf(topKinds),
  /** How far an overhang or hood reaches out. */
  width: optional(amount(0)),
  /** Degrees outward from upright. */
  tilt: optional(amount(0, 90)),
});
/** The top edge of a bay; mm and degrees. */
export interface TopEdge extends TypeOf<typeof topEdgeSchema> {}

/** An electric strand crossing the bay, or standing free where the bay has no cover. */
export const strandSchema = named(
  'strand',
  object({
    id,
    height: possibleAmount,
    /** Distance outward from the cover; 0 where it stands free. */
    standOff: possibleAmount,
    touching: optional(possibleChoice(touching)),
    /** Read on it here, kV: what was read beats what is worked out. */
    volts: optional(possibleAmount),
    /** Stands ready for a first line: it is not there until volts have been read at the line's far end. */
    ready: optional(constant(true)),
  }),
);
/** An electric wire across a bay; mm. */
export interface Strand extends TypeOf<typeof strandSchema> {}

/** A bay. */
export const baySchema = named(
  'bay',
  object({
    id,
    name: text,
    width: length,
    /** Of its upper edge above the ground. */
    height: length,
    /** Height above the ground at which it begins; absent: on the ground. A raised house, a nest box that hangs on a wall. */
    base: optional(length),
    top: topEdgeSchema,
    bands: list(bandSchema, most.bands),
    ground: optional(groundLineSchema),
    openings: list(openingSchema, most.openings),
    strands: list(strandSchema, most.strands),
    /** Widest opening at a staple line, seam, tie or corner when pulled by hand. */
    panelPulled: optional(possibleAmount),
    /** Its timber treated, its ties and netting proofed against sun; absent: not, or nobody knows. */
    proofed: optional(constant(true)),
    /** Largest hole anywhere in the bay. */
    largestHole: optional(possibleAmount),
    /** What holds its cover on, for every layer that says nothing of its own. */
    fixing: optional(fixing),
    condition: optional(condition),
    /** The nearest a bird at roost comes to this bay's cover. */
    roost: optional(possibleAmount),
    /** Stands ready for a mend: as long as all of its layers are "none" there is no such bay, and no edge to go round. */
    ready: optional(constant(true)),
  }),
);
/** The line where it crosses a bay. */
export interface LineAt {
  readonly strands: readonly Strand[];
  /** Of a described line, worked out: what reaches an animal here, kV as the tables mean them. In no file. */
  readonly reaching?: PossibleAmount;
}

/** A bay with everything it carries; mm. */
export interface Bay extends TypeOf<typeof baySchema>, LineAt {
  /** Of a roof, worked out: the lines before the walls it is climbed by. In no file. */
  readonly below?: readonly LineAt[];
}
