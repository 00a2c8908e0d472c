/** Electric strands: the wires that turn an animal back, and the share of its tries that they turn at most. */
import type { Figure } from './figure';
import { assumed, published } from './millimetres';
import type { SourceId } from './sources';

/** Wires that belong together: every one met counts its part. */
export interface WireSet {
  /** Heights above ground, mm. */
  readonly heights: readonly Figure[];
  /** Distance from a wall behind it, where the set stands off from one. */
  readonly standOff?: Figure;
  /** Share of the animal's own that this set is worth by itself; absent: all of it. */
  readonly worth?: Figure;
}

/** What wires do to one animal. */
export interface Shocking {
  /** Share of tries turned back with every wire met and the line live. Never all. */
  readonly share: Figure;
  readonly sets: readonly WireSet[];
  /** Least potential on the line, kV. */
  readonly volts: Figure;
}

/** No strand turns back more than this (assumption of ours). */
export const mostTurnedBack = 0.98;

/** A line this near to a wall can be leapt together with it; farther off it is crossed first, mm. */
export const leaptWithWall: Figure = assumed(1000, 'About a body’s length and the run-up to it.');

/** A wire this far from a prescribed height or stand-off still meets it, mm (assumption of ours). */
export const wireTolerance: Figure = assumed(
  50,
  'Ground is uneven; no tolerance is printed with the heights.',
);

/**
 * What touches a strand, best first. What it takes where nobody has described the line is an assumption of ours; on a line that is
 * described it is worked out (fence/line-volts.ts, tables/fence-leaks.ts).
 */
export const touching = [
  'nothing',
  'wood',
  'grass',
  'weeds',
  'insulator',
  'snow',
  'mesh',
  'ground',
] as const;
/** What a strand touches; `insulator`: one that is cracked or gone, on a post that gets wet. */
export type Touching = (typeof touching)[number];
/** Share of the volts left on a strand that something touches; only for lines that nobody has described. */
export const leftWhenTouching: Readonly<Record<Touching, number>> = {
  nothing: 1,
  wood: 0.7,
  grass: 0.5,
  weeds: 0.4,
  insulator: 0.3,
  // What it leaves to the rest of the line. The wire in the snow, or on the ground, gives nothing itself.
  snow: 0.25,
  mesh: 0.1,
  ground: 0.05,
};

/** A wire so touched is met by nothing that walks on the ground. */
export const isBuried = (touched: Touching): boolean => touched === 'snow' || touched === 'ground';

/** Wires at published heights, mm. */
export const wires = (source: SourceId, ...heights: number[]): WireSet => ({
  heights: heights.map((height) => published(height, source)),
});

/**
 * One low strand, against an animal that noses along the ground and for which no such wire is printed. It counts something, by
 * assumption: the trade says that a first touch with the nose teaches.
 */
export const noseStrand: WireSet = {
  heights: [
    assumed(
      120,
      'Nose height of most that go on four feet with the head down. The lowest wire printed for any is 152 mm.',
    ),
  ],
  worth: {
    value: 0.5,
    unit: 'share',
    source: 'rookle',
    mark: 'assumption',
    note: 'Half of what a whole set turns back. It is stepped over by what has learned to.',
  },
};

/** A wire off the top edge of a wall or fence, where climbers put their paws over, mm above ground and off the wall. */
export const topWire = (height: number): WireSet => ({
  heights: [assumed(height, 'Just under the edge that it climbs to.')],
  standOff: assumed(100, 'A hand’s breadth off the wall.'),
});

/** A wire so high and so far off the wall, mm. */
export const offWall = (source: SourceId, height: number, out: number): WireSet => ({
  heights: [published(height, source)],
  standOff: published(out, source),
});

/** Wires at heights of our own, mm. */
export const assumedWires = (...heights: number[]): WireSet => ({
  heights: heights.map((height) =>
    assumed(height, 'No heights are printed for it that we can recall.'),
  ),
});

/** Line potential that is needed, kV (common practice). */
export const kilovolts = (value: number): Figure => ({
  value,
  // Given as 3 to 4, and 5 to 6 for bears.
  band: [value - 1, value],
  unit: 'kV',
  source: 'trade',
  mark: 'common-practice',
  note: 'Least line potential as makers and advisers give it; more is aimed at.',
});

/** Share of tries turned back at best (assumption of ours). */
export const turnedBack = (value: number): Figure => ({
  value,
  unit: 'share',
  source: 'rookle',
  mark: 'assumption',
  note: 'No share is printed that we can recall; strands are reviewed as good, never as certain.',
});

/** What strands do to one animal. */
export const shocks = (volts: number, ...sets: WireSet[]): Shocking => ({
  share: turnedBack(0.95),
  sets,
  volts: kilovolts(volts),
});

/** Volts on the earth stake that are still accepted, kV; looked at on a walk, no part of the judgement. */
export const earthAtMost: Figure = {
  value: 0.3,
  unit: 'kV',
  source: 'trade',
  mark: 'common-practice',
  note: 'Line shorted 100 m off, read against an independent probe; 0 is ideal, above 0.5 kV fails. On a short run, at its far end.',
};
